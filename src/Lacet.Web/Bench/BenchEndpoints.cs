using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Torques;
using Lacet.Exchange.Documents;
using Lacet.Web.Shelf;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Bench;

/// <summary>This wire into that landing. Nothing here is stored.</summary>
internal static class BenchEndpoints
{
    private const double LongestStrip = 200;

    internal static void MapBench(this WebApplication app)
    {
        var bench = app.MapGroup("/api/bench").WithTags("Bench");
        bench.MapPost("/recipe", Recipe).WithSummary("How a wire goes into a landing").ProducesInputProblems();
        bench.MapPost("/section", Section).WithSummary("The end in its landing, drawn to scale").ProducesInputProblems();
        bench.MapPost("/wire", Wire).WithSummary("Reads a wire as people type it").ProducesInputProblems();
        bench.MapPost("/wrench", Wrench).WithSummary("What a torque wrench with an adapter is set to").ProducesInputProblems();
        bench.MapPost("/belt", Belt).WithSummary("From which count a belted ferrule tool pays").ProducesInputProblems();
        bench.MapPost("/compare", Compare).WithSummary("One wire in up to six landings, side by side").ProducesInputProblems();
        app.MapPost("/api/conductors/identify", (WireClues request) => TypedResults.Ok(WireCluesAnswer.Of(request.Read().Candidates(), Of(request.Lead))))
            .WithTags("Bench").WithSummary("Which size a wire is that nobody knows").ProducesInputProblems();
        bench.MapGet("/starters", () => TypedResults.Ok(Catalogue.Starters)).WithSummary("Usual pairs of wire and landing");
        app.MapGet("/api/conductors", (string build) => TypedResults.Ok(Catalogue.Rack(QueryWord.Read<Build>(build, "build"))))
            .WithTags("Bench").WithSummary("The wire rack: stocked sizes in one build").ProducesInputProblems();
        app.MapGet("/api/landings", () => TypedResults.Ok(Catalogue.Kinds)).WithTags("Bench").WithSummary("Kinds of landing, with usual ones");
        app.MapGet("/api/house-rules", () => TypedResults.Ok(HouseRuleText.All)).WithTags("Bench").WithSummary("The house rules, both schools named");
    }

    internal static RouteHandlerBuilder ProducesInputProblems(this RouteHandlerBuilder endpoint) => endpoint
        .ProducesProblem(StatusCodes.Status400BadRequest)
        .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
        .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    /// <summary>The lead that a query names.</summary>
    internal static UnitLead LeadOf(string lead) => Of(QueryWord.Read<Lead>(lead, "lead"));

    internal static UnitLead Of(Lead lead) => lead == Lead.Imperial ? UnitLead.Imperial : UnitLead.Metric;

    /// <summary>A measured strip as a length; throws with a sentence where it cannot be one.</summary>
    internal static Length? MeasuredStrip(double? mm) => mm is null ? null
        : mm is > 0 and <= LongestStrip ? new Length(mm.Value)
        : throw new ImpossibleInputException("measuredStripMm", "A measured strip must be more than 0 and at most 200 mm.");

    private static async Task<Ok<RecipeDocument>> Recipe(BenchRequest request, ShelfEntries shelf) =>
        TypedResults.Ok(RecipeDocument.Of(RecipeBook.For(request.Read(await shelf.ResolveAsync(request.Landing))), Of(request.Lead)));

    private static async Task<Ok<SceneDocument>> Section(SectionRequest request, ShelfEntries shelf) => TypedResults.Ok(SceneDocument.Of(
        EndSection.Of(request.Read(await shelf.ResolveAsync(request.Landing)), new AsMade(MeasuredStrip(request.MeasuredStripMm), null)), Of(request.Lead)));

    private static async Task<Ok<ComparedDocument[]>> Compare(CompareRequest request, ShelfEntries shelf)
    {
        if (request.Landings.Count is 0 or > CompareRequest.Most)
        {
            throw new ImpossibleInputException("landings", $"Compare from one to {CompareRequest.Most} landings.");
        }

        var conductor = request.Conductor.Read();
        var rules = request.HouseRules?.Read() ?? HouseRules.Default;
        var compared = new List<ComparedDocument>(request.Landings.Count);
        foreach (var landing in request.Landings)
        {
            compared.Add(ComparedDocument.Of(conductor, (await shelf.ResolveAsync(landing)).Read(), rules, Of(request.Lead)));
        }

        return TypedResults.Ok(compared.ToArray());
    }

    private static Ok<WireTextAnswer> Wire(WireTextRequest request)
    {
        var conductor = ConductorText.Read(request.Text, request.Current?.Read());
        return TypedResults.Ok(new WireTextAnswer(ConductorDocument.Of(conductor), conductor.ToString(), conductor.Size.Area.Read()));
    }

    private static Ok<WrenchAnswer> Wrench(WrenchRequest request)
    {
        if (!(request.TargetNm is > 0 and <= 1000))
        {
            throw new ImpossibleInputException("targetNm", "The torque must be more than 0 and at most 1,000 N·m.");
        }

        var adapter = new WrenchAdapter(request.LeverMm, request.AdapterMm, request.AngleDegrees);
        var target = new Torque(request.TargetNm);
        return TypedResults.Ok(new WrenchAnswer(
            adapter.SettingFor(target).Read(),
            Math.Round(adapter.Factor, 4),
            FormattableString.Invariant(
                $"The adapter moves the axis, so the wrench shows {adapter.Factor:0.###} of what the screw gets, {target.Read().Metric}. An extension in line with a screwdriver needs no correction.")));
    }

    private static Ok<BeltAnswer> Belt(BeltedTool tool)
    {
        var count = tool.PaysFrom();
        return TypedResults.Ok(new BeltAnswer(count, count is { } ends
            ? FormattableString.Invariant($"It pays from about {ends:#,0} ends on.")
            : "At these prices it never pays: each end costs more than it saves."));
    }
}
