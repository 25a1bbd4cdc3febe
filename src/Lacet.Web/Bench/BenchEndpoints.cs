using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Torques;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Records;
using Lacet.Workshop.Shelf;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Bench;

/// <summary>This wire into that landing. Nothing here is stored.</summary>
internal static class BenchEndpoints
{
    internal static void MapBench(this WebApplication app)
    {
        var bench = app.MapGroup("/api/bench").WithTags("Bench").IsOpen();
        bench.MapPost("/recipe", Recipe).WithSummary("How a wire goes into a landing").ProducesInputProblems();
        bench
            .MapPost("/section", Section)
            .WithSummary("The end in its landing, drawn to scale")
            .ProducesInputProblems();
        bench
            .MapPost("/wrench", Wrench)
            .WithSummary("What a torque wrench with an adapter is set to")
            .ProducesInputProblems();
        bench
            .MapGet("/belt", () => TypedResults.Ok(new UsualBelt(new BeltedTool(), BeltedTool.Says)))
            .WithSummary("What a belted ferrule tool and its ferrules usually cost and save");
        bench.MapPost("/belt", Belt).WithSummary("From which count a belted ferrule tool pays").ProducesInputProblems();
        bench
            .MapPost("/compare", Compare)
            .WithSummary("One wire in up to six landings, side by side")
            .ProducesInputProblems();
        app.MapPost("/api/conductors/read", (WireTextRequest request) =>
                TypedResults.Ok(WireReadAnswer.Of(request.Text, request.Current?.Read()))
            )
            .WithTags("Bench")
            .IsOpen()
            .WithSummary("Reads a wire, cable or cord as people write it, part by part")
            .ProducesInputProblems();
        app.MapPost("/api/conductors/identify", (WireClues request) =>
                TypedResults.Ok(WireCluesAnswer.Of(request.Read().Candidates(), request.Lead.Unit()))
            )
            .WithTags("Bench")
            .IsOpen()
            .WithSummary("Which size a wire is that nobody knows")
            .ProducesInputProblems();
        bench
            .MapGet("/starters", () => TypedResults.Ok(Catalogue.Starters))
            .WithSummary("Usual pairs of wire and landing");
        app.MapGet("/api/conductors", (QueryWord<Build> build) => TypedResults.Ok(Catalogue.Rack(build.Value)))
            .WithTags("Bench")
            .IsOpen()
            .WithSummary("The wire rack: stocked sizes in one build")
            .ProducesInputProblems();
        app.MapGet("/api/landings", () => TypedResults.Ok(Catalogue.Kinds))
            .WithTags("Bench")
            .IsOpen()
            .WithSummary("Kinds of landing, with usual ones");
        app.MapGet("/api/house-rules", () => TypedResults.Ok(HouseRuleText.All))
            .WithTags("Bench")
            .IsOpen()
            .WithSummary("The house rules, both schools named");
    }

    private static async Task<Ok<RecipeDocument>> Recipe(BenchRequest request, ShelfLandings shelf, Caller? caller)
    {
        var end = request.Read(await LandingAsync(request.Landing, shelf, caller));
        return TypedResults.Ok(
            RecipeDocument.Of(
                RecipeBook.For(end with { ByApprentice = end.ByApprentice || caller is { IsApprentice: true } }),
                request.Lead.Unit()
            )
        );
    }

    /// <summary>
    /// A landing with its data: one that is named by its id is taken from the Shelf, which is not for strangers.
    /// </summary>
    private static Task<LandingDocument> LandingAsync(LandingDocument landing, ShelfLandings shelf, Caller? caller) =>
        landing.Id is null || caller is not null
            ? shelf.ResolveAsync(landing)
            : throw new BadHttpRequestException(
                "Sign in to use what is kept on the Shelf.",
                StatusCodes.Status401Unauthorized
            );

    private static async Task<Ok<SceneDocument>> Section(SectionRequest request, ShelfLandings shelf, Caller? caller) =>
        TypedResults.Ok(
            SceneDocument.Of(
                EndSection.Of(
                    request.Read(await LandingAsync(request.Landing, shelf, caller)),
                    new AsMade(MeasuredStrip.Read(request.MeasuredStripMm), null)
                ),
                request.Lead.Unit()
            )
        );

    private static async Task<Ok<ComparedDocument[]>> Compare(
        CompareRequest request,
        ShelfLandings shelf,
        Caller? caller
    )
    {
        if (request.Landings.Count is 0 or > CompareRequest.Most)
        {
            throw new ImpossibleInputException("landings", $"Compare from one to {CompareRequest.Most} landings.");
        }

        var conductor = request.Conductor.Read();
        var rules = request.HouseRules ?? HouseRules.Default;
        var compared = new List<ComparedDocument>(request.Landings.Count);
        foreach (var landing in request.Landings)
        {
            compared.Add(
                ComparedDocument.Of(
                    conductor,
                    (await LandingAsync(landing, shelf, caller)).Read(),
                    rules,
                    request.Lead.Unit()
                )
            );
        }

        return TypedResults.Ok(compared.ToArray());
    }

    private static Ok<WrenchAnswer> Wrench(WrenchRequest request)
    {
        if (!(request.TargetNm is > 0 and <= 1000))
        {
            throw new ImpossibleInputException("targetNm", "The torque must be more than 0 and at most 1,000 N·m.");
        }

        var adapter = new WrenchAdapter(request.LeverMm, request.AdapterMm, request.AngleDegrees);
        var target = new Torque(request.TargetNm);
        return TypedResults.Ok(
            new WrenchAnswer(
                adapter.SettingFor(target).Read(),
                Math.Round(adapter.Factor, 4),
                FormattableString.Invariant(
                    $"The adapter moves the axis, so the wrench shows {adapter.Factor:0.###} of what the screw gets, {target.Read().Metric}. An extension along a screwdriver’s axis needs no correction."
                )
            )
        );
    }

    private static Ok<BeltAnswer> Belt(BeltedTool tool)
    {
        var count = tool.PaysFrom();
        return TypedResults.Ok(
            new BeltAnswer(
                count,
                count is { } ends
                    ? FormattableString.Invariant($"It pays from about {ends:#,0} ends on.")
                    : "At these prices it never pays: each end costs more than it saves."
            )
        );
    }
}
