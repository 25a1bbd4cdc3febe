using System.Text.RegularExpressions;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Conductors;

/// <summary>
/// What somebody counted, measured or read on a conductor that nobody knows. Whatever was not is null.
/// </summary>
public sealed partial record ConductorClues
{
    private const int MostCandidates = 6;

    /// <summary>A caliper on a strand, or on bare metal, is good for so much of its diameter.</summary>
    private const double CaliperError = 0.04;

    /// <summary>Insulation differs so much between kinds: it tells a size only roughly.</summary>
    private const double InsulationSpread = 0.2;

    /// <summary>
    /// Beyond so many wires a conductor is fine (ASTM classes B and C have 7, 19 and 37 in these sizes; from memory).
    /// </summary>
    private const int MostCoarse = 37;

    /// <summary>Strands that were counted.</summary>
    public int? Strands { get; init; }

    /// <summary>One strand, or the wire itself where it is solid.</summary>
    public Length? StrandDiameter { get; init; }

    /// <summary>Over the bare metal: of the wire, or round the bundle of strands.</summary>
    public Length? BareDiameter { get; init; }

    /// <summary>Over the insulation.</summary>
    public Length? OverInsulation { get; init; }

    /// <summary>What is printed on it.</summary>
    public string? Print { get; init; }

    /// <summary>The mark of the stripper's hole that took the insulation clean, with no metal touched.</summary>
    public ConductorSize? StripperHole { get; init; }

    /// <summary>
    /// What it may be, the likeliest first; empty where nothing agrees. Throws where nothing was said, or a number
    /// cannot be.
    /// </summary>
    public IReadOnlyList<ConductorCandidate> Candidates()
    {
        Hold();
        var printed = PrintedSize();
        if (printed is null && (StrandDiameter, BareDiameter, OverInsulation, StripperHole) is (null, null, null, null))
        {
            // A count or a mark of insulation alone would let every size pass.
            throw Print is null
                ? new ImpossibleInputException(
                    "strandDiameterMm",
                    "A count alone tells no size: measure one strand too."
                )
                : new ImpossibleInputException(
                    "print",
                    "No size is read in that print: type it as it stands, such as 12 AWG or 3G1.5, or measure."
                );
        }

        var found = new List<ConductorCandidate>();
        foreach (var size in ConductorSize.Stocked)
        {
            foreach (var build in Enum.GetValues<Build>())
            {
                if (Judge(Conductor.Of(size, build, Material.Copper), printed) is { } candidate)
                {
                    found.Add(candidate);
                }
            }
        }

        return
        [
            .. found
                .OrderBy(c => c.Sureness)
                .ThenBy(c => c.Deviation)
                .ThenBy(c => c.Conductor.Size.Area.SquareMillimetres)
                .Take(MostCandidates),
        ];
    }

    private ConductorSize? PrintedSize()
    {
        if (Print is null)
        {
            return null;
        }

        foreach (var pattern in new[] { Gauge(), Square(), Cores(), Cable() })
        {
            if (
                pattern.Match(Print) is { Success: true } match
                && ConductorSize.TryParse(
                    match.Groups["size"].Value.Trim()
                        + pattern switch
                        {
                            _ when pattern == Square() || pattern == Cores() => " mm²",
                            _ when pattern == Cable() => " AWG",
                            _ => "",
                        },
                    out var size,
                    out _
                )
            )
            {
                return size;
            }
        }

        return null;
    }

    /// <summary>
    /// What the print says of its insulation: the letters that stand first, and of those that begin alike the longest.
    /// Null where it says none.
    /// </summary>
    private string? Insulation() =>
        Print is null
            ? null
            : Designation
                .All.Select(d => (Designation: d, At: PlaceInPrint(d)))
                .Where(d => d.At >= 0)
                .OrderBy(d => d.At)
                .ThenByDescending(d => d.Designation.Code.Length)
                .Select(d => d.Designation.Line)
                .FirstOrDefault();

    private int PlaceInPrint(Designation designation) =>
        Regex.Match(
            Print!,
            $@"\b{Regex.Escape(designation.Code)}\b",
            RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
            TimeSpan.FromSeconds(1)
        )
            is { Success: true } match
            ? match.Index
            : -1;

    private void Hold()
    {
        if (
            (Strands, StrandDiameter, BareDiameter, OverInsulation, StripperHole) is (null, null, null, null, null)
            && string.IsNullOrWhiteSpace(Print)
        )
        {
            throw new ImpossibleInputException(
                "strands",
                "Say one thing that you see: count the strands, measure, or read the print."
            );
        }

        Within(Strands, "strands", "From 1 to 2,500 strands.", 1, 2500);
        Within(StrandDiameter?.Millimetres, "strandDiameterMm", "A strand is from 0.02 to 15 mm thick.", 0.02, 15);
        Within(BareDiameter?.Millimetres, "bareDiameterMm", "The bare metal is from 0.1 to 25 mm thick.", 0.1, 25);
        Within(
            OverInsulation?.Millimetres,
            "overInsulationMm",
            "Over the insulation it is from 0.3 to 40 mm.",
            0.3,
            40
        );

        static void Within(double? value, string field, string says, double least, double most)
        {
            if (value is { } given && !(given >= least && given <= most))
            {
                throw new ImpossibleInputException(field, says);
            }
        }
    }

    [GeneratedRegex(
        @"(?<size>(?:[0-9]+\s*/\s*0|[0-9]{1,2})\s*AWG|[0-9]{3}\s*kcmil)",
        RegexOptions.IgnoreCase,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Gauge();

    [GeneratedRegex(
        @"(?<size>[0-9]+(?:[.,][0-9]+)?)\s*(?:mm²|mm2|sq\s*mm)",
        RegexOptions.IgnoreCase,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Square();

    [GeneratedRegex(
        @"\b[0-9]+\s*[GX×]\s*(?<size>[0-9]+(?:[.,][0-9]+)?)\b",
        RegexOptions.IgnoreCase,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Cores();

    [GeneratedRegex(
        @"\b(?<size>18|16|14|12|10|8|6)\s*[/-]\s*[2-9]\b",
        RegexOptions.None,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Cable();
}
