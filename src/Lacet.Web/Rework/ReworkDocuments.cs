using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Records;

namespace Lacet.Web.Rework;

/// <summary>An end with something wrong, without a job.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Strands">How many strands there are, counted; null for as many as such a wire usually has.</param>
/// <param name="Damaged">How many of them are nicked or cut off.</param>
/// <param name="Class">general, or critical where nearly none may be lost.</param>
/// <param name="Faults">What else is wrong.</param>
/// <param name="InLug">Whether it is in a lug, which allows none.</param>
/// <param name="StripMm">What the end strips when it is made anew.</param>
/// <param name="FreeMm">How much wire is free.</param>
/// <param name="PastOpeningMm">How far it reaches past the opening.</param>
/// <param name="OpeningMm">The opening’s smallest dimension.</param>
/// <param name="Lead">Which unit leads.</param>
/// <param name="InHook">Whether it is a hook that was closed round its screw: taken off, it is never used
/// again.</param>
public sealed record ReworkRequest(
    ConductorDocument Conductor,
    int? Strands = null,
    int Damaged = 0,
    StrandLoss Class = StrandLoss.General,
    IReadOnlyList<Fault>? Faults = null,
    bool InLug = false,
    double? StripMm = null,
    double? FreeMm = null,
    double? PastOpeningMm = null,
    double? OpeningMm = null,
    Lead Lead = Lead.Metric,
    bool InHook = false
)
{
    internal SpoiledEnd Read() =>
        new(Conductor.Read(), new FaultsFound(Faults, Strands, Damaged).Read(), Class)
        {
            InLug = InLug,
            InHook = InHook,
            Strip = Millimetres(StripMm, "stripMm", 500),
            Free = Millimetres(FreeMm, "freeMm", 100_000),
            PastOpening = Millimetres(PastOpeningMm, "pastOpeningMm", 100_000),
            Opening = Millimetres(OpeningMm, "openingMm", 100_000),
        };

    private static Length? Millimetres(double? mm, string field, double most) =>
        mm is null ? null
        : mm >= 0 && mm <= most ? new Length(mm.Value)
        : throw new ImpossibleInputException(field, FormattableString.Invariant($"Give mm from 0 to {most:0}."));
}

/// <summary>What becomes of an end.</summary>
/// <param name="Verdict">accept, put-right or cut-back: the hardest of all its faults.</param>
/// <param name="Faults">Each by itself, the hardest first.</param>
/// <param name="Effective">What the conductor is still worth; null where no strands are counted as lost.</param>
/// <param name="Allowed">How many lost strands pass.</param>
/// <param name="Spent">How much wire it costs; null where nobody said what is stripped.</param>
/// <param name="Left">How much is free afterwards; null where nobody measured.</param>
/// <param name="Pigtail">How long a pigtail is cut; null where none is needed.</param>
/// <param name="Section">The conductor cut across, with what is lost; null where no strands are counted as
/// lost.</param>
/// <param name="Drawing">The end as it was found, with where it is cut back and what is left.</param>
public sealed record ReworkDocument(
    FaultVerdict Verdict,
    IReadOnlyList<JudgedFaultDocument> Faults,
    EffectiveSizeDocument? Effective,
    int Allowed,
    Readout? Spent,
    Readout? Left,
    Readout? Pigtail,
    SceneDocument? Section,
    SceneDocument Drawing
)
{
    internal static ReworkDocument Of(SpoiledEnd end, HouseRules rules, ReaderFormat reader)
    {
        var assessed = ReworkAssessment.Of(end);
        return new(
            assessed.Verdict,
            [
                .. assessed.Faults.Select(f => new JudgedFaultDocument(
                    f.Fault,
                    f.Verdict,
                    f.Says.Said(reader),
                    f.Do.Said(reader),
                    f.Source
                )),
            ],
            assessed.Effective is { } worth ? new(worth.Left.Read(), worth.Share, worth.Gauge, worth.LessThan) : null,
            assessed.Allowed,
            assessed.Spent?.Read(),
            assessed.Left?.Read(),
            assessed.NeedsPigtail ? SplicePigtail.For(rules.PigtailStrip, end.Strip).Length.ReadCut() : null,
            assessed.Effective is null
                ? null
                : SceneDocument.Of(CrossSection.Of(end.Conductor, end.Strands, end.Made.StrandsLost), reader),
            SceneDocument.Of(SpoiledEndDrawing.Of(end, assessed), reader)
        );
    }
}

/// <summary>A fault and what becomes of the end.</summary>
public sealed record JudgedFaultDocument(Fault Fault, FaultVerdict Verdict, string Says, string Do, string Source);

/// <summary>What a conductor is still worth.</summary>
/// <param name="Left">The area that is left.</param>
/// <param name="Share">Of the whole, 0 to 1.</param>
/// <param name="Gauge">As a gauge, which need not be whole; null where nothing is left.</param>
/// <param name="LessThan">The next smaller stocked size where what is left is less than even that.</param>
public sealed record EffectiveSizeDocument(Readout Left, double Share, double? Gauge, string? LessThan);
