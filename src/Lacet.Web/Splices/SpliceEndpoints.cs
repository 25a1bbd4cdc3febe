using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Shelf;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Splices;

/// <summary>Joints: in a connector, by hand, and the box that they go into. Nothing here is stored.</summary>
internal static class SpliceEndpoints
{
    internal static void MapSplices(this WebApplication app)
    {
        var splices = app.MapGroup("/api/splices").WithTags("Splices");
        var open = splices.MapGroup("").IsOpen();
        open.MapPost("/assess", (SpliceRequest request) =>
                TypedResults.Ok(
                    SpliceDocument.Of(request.Read(), request.HouseRules ?? HouseRules.Default, request.Lead.Unit())
                )
            )
            .WithSummary("How ends are joined in a connector, and whether they may be")
            .ProducesInputProblems();
        splices
            .MapPost("/choose", Choose)
            .WithSummary("The connectors of the Shelf for the same ends, the best first, and why the others do not fit")
            .ProducesInputProblems()
            .Needs(Right.Read);
        open.MapPost("/kinds", (SpliceRequest request) => TypedResults.Ok(request.OfEachKind()))
            .WithSummary("The same ends in a usual connector of each kind, in theirs where that is of it")
            .ProducesInputProblems();
        open.MapGet("/hand", (QueryWord<Lead>? lead = null) => TypedResults.Ok(HandFormDocument.All(lead.Unit())))
            .WithSummary("The hand splices of the trade, drawn")
            .ProducesInputProblems();
        open.MapPost("/hand", Hand)
            .WithSummary("A hand splice: what to bare, how to wind and tape it")
            .ProducesInputProblems();
        open.MapPost("/pigtail", Pigtail).WithSummary("How long a pigtail is cut").ProducesInputProblems();
        open.MapGet("/connectors", () => TypedResults.Ok(ConnectorRow.All.Values.Select(r => r.Usual)))
            .WithSummary("A usual connector of each kind");
        app.MapPost("/api/boxes/fill", (BoxRequest request) => TypedResults.Ok(request.Fill()))
            .WithTags("Splices")
            .WithSummary("How full a box is")
            .ProducesInputProblems()
            .IsOpen();
    }

    private static async Task<Ok<IReadOnlyList<RankedConnectorDocument>>> Choose(
        SpliceRequest request,
        ShelfTable shelf
    )
    {
        var lead = request.Lead.Unit();
        var join = request.Read();
        var codes = new Dictionary<SpliceConnector, string>(ReferenceEqualityComparer.Instance);
        foreach (var row in await shelf.AllAsync("connector"))
        {
            codes[((ConnectorItem)ShelfLandings.Read(row)).Read()] = row.Code;
        }

        return TypedResults.Ok<IReadOnlyList<RankedConnectorDocument>>([
            .. RankedConnector
                .Rank(join, codes.Keys, request.HouseRules ?? HouseRules.Default)
                .Select(r => new RankedConnectorDocument(
                    codes[r.Connector],
                    r.Connector,
                    r.Fits,
                    [.. r.Why.Select(w => w.Said(lead))],
                    r.Length.Read(),
                    r.Width.Read()
                )),
        ]);
    }

    private static Ok<HandSpliceDocument> Hand(HandSpliceRequest request) =>
        TypedResults.Ok(
            HandSpliceDocument.Of(
                HandSplice.Of(
                    request.Form,
                    request.Conductor.Read(),
                    request.Turns is { } turns ? new(turns.Open, turns.Tight) : Turns.Usual,
                    (request.HouseRules ?? HouseRules.Default).PigtailStrip
                ),
                request.Lead.Unit()
            )
        );

    private static Ok<PigtailDocument> Pigtail(PigtailRequest request)
    {
        static Length? Strip(double? mm, string field) =>
            mm is null ? null
            : mm is >= 3 and <= 100 ? new Length(mm.Value)
            : throw new ImpossibleInputException(field, "A strip length is from 3 to 100 mm.");
        if (request.Together is < 1 or > 40)
        {
            throw new ImpossibleInputException("together", "It is spliced to 1 to 40 ends.");
        }

        var plan = SplicePigtail.Of(
            Strip(request.SpliceStripMm, "spliceStripMm")
                ?? TwistStrip.Of((request.HouseRules ?? HouseRules.Default).PigtailStrip).Target,
            Strip(request.LandingStripMm, "landingStripMm"),
            request.Reworks
        );
        return TypedResults.Ok(
            new PigtailDocument(
                plan.Length.ReadCut(),
                FreeLength.Least.Read(),
                plan.SpliceStrip.Read(),
                plan.LandingStrip?.Read(),
                plan.Spare.Read(),
                plan.Reworks,
                request.Together + 1,
                SceneDocument.Of(PigtailDrawing.Of(plan, request.Together), Lead.Metric.Unit())
            )
        );
    }
}
