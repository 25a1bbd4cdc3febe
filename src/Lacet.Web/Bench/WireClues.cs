using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Bench;

/// <summary>What was counted, measured or read on a wire that nobody knows; any of them.</summary>
/// <param name="Strands">Strands that were counted.</param>
/// <param name="StrandDiameterMm">One strand, or the wire itself where it is solid, mm.</param>
/// <param name="BareDiameterMm">Over the bare metal, mm.</param>
/// <param name="OverInsulationMm">Over the insulation, mm.</param>
/// <param name="Print">What is printed on it.</param>
/// <param name="StripperHole">The mark of the stripper's hole that took the insulation clean, such as "14 AWG".</param>
/// <param name="Lead">Which unit leads in sentences.</param>
public sealed record WireClues(
    int? Strands = null,
    double? StrandDiameterMm = null,
    double? BareDiameterMm = null,
    double? OverInsulationMm = null,
    string? Print = null,
    string? StripperHole = null,
    Lead Lead = Lead.Metric
)
{
    /// <summary>As the core takes it.</summary>
    internal ConductorClues Read() =>
        new()
        {
            Strands = Strands,
            StrandDiameter = Millimetres(StrandDiameterMm),
            BareDiameter = Millimetres(BareDiameterMm),
            OverInsulation = Millimetres(OverInsulationMm),
            Print = Print,
            StripperHole = StripperHole is null ? null : ConductorSize.Parse(StripperHole, "stripperHole"),
        };

    private static Length? Millimetres(double? mm) => mm is { } given ? new Length(given) : null;
}

/// <summary>What a wire may be.</summary>
/// <param name="Candidates">The likeliest first; empty where nothing agrees.</param>
/// <param name="Says">What to do with them, in a sentence.</param>
public sealed record WireCluesAnswer(IReadOnlyList<CandidateDocument> Candidates, string Says)
{
    internal static WireCluesAnswer Of(IReadOnlyList<ConductorCandidate> candidates, ReaderFormat reader) =>
        new(
            [.. candidates.Select(c => CandidateDocument.Of(c, reader))],
            candidates switch
            {
                [] => "No stocked copper wire agrees with all of that: measure again, or take one thing away.",
                [{ Sureness: Sureness.Sure }, ..] =>
                    "Hold the wire beside its drawing at actual size before you rely on it.",
                [_] => "Only one agrees, and not by much: count the strands and measure one of them.",
                _ => "Several agree: count the strands and measure one of them.",
            }
        );
}

/// <summary>One thing that a wire may be.</summary>
/// <param name="Conductor">The wire, as the Bench takes it.</param>
/// <param name="Name">In words, in both systems.</param>
/// <param name="Area">Its area.</param>
/// <param name="Insulation">What its insulation is likely to be; null where nothing tells.</param>
/// <param name="Sureness">sure, likely or possible.</param>
/// <param name="Why">What agrees.</param>
/// <param name="Drawing">Its cross-section, in millimetres.</param>
public sealed record CandidateDocument(
    ConductorDocument Conductor,
    string Name,
    Readout Area,
    string? Insulation,
    Sureness Sureness,
    IReadOnlyList<string> Why,
    SceneDocument Drawing
)
{
    internal static CandidateDocument Of(ConductorCandidate candidate, ReaderFormat reader) =>
        new(
            ConductorDocument.Of(candidate.Conductor),
            $"{candidate.Conductor.Size.NameInBoth} {Core.Conductors.Conductor.Say(candidate.Conductor.Build)}",
            candidate.Conductor.Size.Area.Read(),
            candidate.Insulation,
            candidate.Sureness,
            [.. candidate.Why.Select(w => w.Said(reader))],
            SceneDocument.Of(CrossSection.Of(candidate.Conductor), reader)
        );
}
