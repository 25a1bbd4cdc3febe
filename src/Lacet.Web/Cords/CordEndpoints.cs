using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Devices;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Cords;

/// <summary>
/// Cords: whether one is fit, how thick it is to be, which conductor is which, how a plug goes on. Nothing here is
/// stored.
/// </summary>
internal static class CordEndpoints
{
    internal static void MapCords(this WebApplication app)
    {
        var cords = app.MapGroup("/api/cords").WithTags("Cords").IsOpen();
        cords
            .MapGet("/signs", () => TypedResults.Ok(CordSign.All))
            .WithSummary("What to look at on a cord, and what it means");
        cords
            .MapGet("/starters", () =>
                TypedResults.Ok(new CordStarters(new CordPrices(), HouseholdSupply.All, CaseVoltage.UsualNanofarads))
            )
            .WithSummary("What is usual where nobody said otherwise: prices, supplies, a filter");
        cords
            .MapGet("/drawing", () => TypedResults.Ok(CordDrawingDocument.Of(CordDrawing.Of())))
            .WithSummary("A cord from plug to entry, with the places to look at");
        cords
            .MapGet("/conductors", (int conductors) =>
                TypedResults.Ok(CordIdentityDocument.Of(CordIdentityDrawing.Of(conductors)))
            )
            .WithSummary("A cord laid out to find which conductor is which, with where to look")
            .ProducesInputProblems();
        cords
            .MapGet("/meter", (int conductors, QueryWord<Lead>? lead = null) =>
                TypedResults.Ok(SceneDocument.Of(MeterDrawing.Of(conductors), lead.Unit()))
            )
            .WithSummary("How the probes of a meter are held to a cord")
            .ProducesInputProblems();
        cords
            .MapPost("/triage", (TriageRequest request) => TypedResults.Ok(TriageDocument.Of(request)))
            .WithSummary("Whether a cord is fit")
            .ProducesInputProblems();
        cords
            .MapPost("/size", (CordSizeRequest request) => TypedResults.Ok(request.Answer()))
            .WithSummary("The right cord for a load")
            .ProducesInputProblems();
        cords
            .MapPost("/identify", (IdentifyRequest request) => TypedResults.Ok(request.Identify()))
            .WithSummary("Which conductor of a cord is which")
            .ProducesInputProblems();
        cords.MapPost("/refit", Refit).WithSummary("How a new plug goes on a cord").ProducesInputProblems();
        cords
            .MapPost("/meter", Measure)
            .WithSummary("Lets the stand-in meter measure a cord")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        cords
            .MapPost("/case", (CaseRequest r) =>
                TypedResults.Ok(
                    CaseVoltage.Of(r.Volts, r.Hertz, r.LineNanofarads, r.NeutralNanofarads, r.Earthed, r.Reversed)
                )
            )
            .WithSummary("Where a case stands that has lost its earth")
            .ProducesInputProblems();
    }

    private static Results<Ok<MeterReading>, ProblemHttpResult> Measure(MeterQuestion asked, MultimeterStandIn meter)
    {
        if (
            asked.Conductors is not (2 or 3)
            || asked.Blade < 0
            || asked.Blade >= asked.Conductors
            || asked.End < 0
            || asked.End >= asked.Conductors
            || asked.Cord.Length > 200
        )
        {
            throw new ImpossibleInputException(
                "blade",
                "A cord here has two or three conductors, and as many blades and ends, counted from 0."
            );
        }

        return meter.IsThere
            ? TypedResults.Ok(
                new MeterReading(
                    MultimeterStandIn.Ohms(asked.Cord, asked.Conductors, asked.Blade, asked.End),
                    Simulated: true
                )
            )
            : TypedResults.Problem(
                "No meter is connected. Measure by hand, and tap what you heard.",
                statusCode: StatusCodes.Status404NotFound
            );
    }

    private static Ok<RefitDocument> Refit(RefitRequest request)
    {
        var lead = request.Lead.Unit();
        var conductor = request.Conductor.Read();
        var plan = PlugRefit.Of(
            conductor,
            request.Screw is null ? null : ScrewSize.Parse(request.Screw),
            request.LineMm,
            request.NeutralMm,
            request.EarthMm,
            request.HouseRules ?? HouseRules.Default,
            request.Grip
        );
        return TypedResults.Ok(
            new RefitDocument(
                plan.JacketOff.ReadCut(),
                WindowDocument.Of(plan.Strip),
                [
                    .. plan.Terminals.Select(t => new PlugTerminalDocument(
                        t.Role,
                        t.Screw,
                        t.Length.ReadCut(),
                        t.Insulated.Read()
                    )),
                ],
                [.. plan.Steps.Select(s => s.Said(lead))],
                [.. SolderedEntry.Steps(conductor).Select(s => s.Said(lead))],
                SolderedEntry.IronWatts(conductor),
                SceneDocument.Of(CordEndDrawing.Of(plan, conductor), lead)
            )
        );
    }
}

/// <summary>What is usual where nobody said otherwise.</summary>
/// <param name="Prices">For whoever has no prices of their own.</param>
/// <param name="Supplies">The household supplies by region.</param>
/// <param name="FilterNanofarads">A mains filter’s capacitor from a conductor to the case, nF.</param>
public sealed record CordStarters(CordPrices Prices, IReadOnlyList<HouseholdSupply> Supplies, double FilterNanofarads);

/// <summary>A cord drawn from plug to entry.</summary>
/// <param name="Scene">The drawing.</param>
/// <param name="Spots">Where to look, mm.</param>
public sealed record CordDrawingDocument(SceneDocument Scene, IReadOnlyList<CordSpot> Spots)
{
    internal static CordDrawingDocument Of(CordDrawing drawing) =>
        new(SceneDocument.Of(drawing.Scene, Lead.Metric.Unit()), drawing.Spots);
}
