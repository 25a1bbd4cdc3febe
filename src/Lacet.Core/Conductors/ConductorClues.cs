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

    private static readonly IReadOnlyList<InsulationMark> Marks = ReferenceTable.Rows<InsulationMark>(
        "insulation-marks"
    );

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

    private ConductorCandidate? Judge(Conductor conductor, ConductorSize? printed)
    {
        var (deviation, exact, why) = (0.0, false, new List<FormattableString>());
        if (printed is not null)
        {
            if (printed != conductor.Size)
            {
                return null;
            }

            exact = true;
            why.Add($"{conductor.Size.Name} is printed on it.");
        }

        if (Strands is { } strands)
        {
            if (BuildOf(strands) != conductor.Build)
            {
                return null;
            }

            if (StrandDiameter is { } strand)
            {
                var area = strands * Math.PI / 4 * strand.Millimetres * strand.Millimetres;
                if (!Agrees(area, conductor.Size.Area.SquareMillimetres, 2 * CaliperError))
                {
                    return null;
                }

                exact = true;
                why.Add($"{strands} of {strand.Millimetres:0.###} mm are {new Area(area)} of metal.");
            }
            else
            {
                why.Add($"{strands} wires: {Conductor.Say(conductor.Build)}.");
            }
        }
        else if (StrandDiameter is { } one && !Counts(conductor, one))
        {
            return null;
        }

        if (BareDiameter is { } bare)
        {
            // A bundle is not round: a caliper squeezes it.
            var error = conductor.Build == Build.Solid ? CaliperError : 2 * CaliperError;
            if (!Agrees(bare.Millimetres, conductor.Diameter.Millimetres, error))
            {
                return null;
            }

            exact |= conductor.Build == Build.Solid && Strands == 1;
            why.Add($"{Conductor.Say(conductor.Build)}, it is {conductor.Diameter:mm} over the metal.");
        }

        if (OverInsulation is { } over)
        {
            if (!Agrees(over.Millimetres, conductor.InsulationOuterDiameter.Millimetres, InsulationSpread))
            {
                return null;
            }

            why.Add($"Usual insulation makes it {conductor.InsulationOuterDiameter:mm} over all.");
        }

        if (StripperHole is { } hole)
        {
            // A hole is cut for a solid conductor, and for a stranded one the next stocked gauge smaller (common
            // practice).
            var fits = conductor.Build == Build.Solid ? hole : NextSmaller(hole);
            if (fits != conductor.Size)
            {
                return null;
            }

            why.Add($"The hole marked {hole.Name} takes {conductor.Size.Name} {Conductor.Say(conductor.Build)}.");
        }

        return new(
            conductor,
            Insulation(),
            exact && deviation < CaliperError ? Sureness.Sure
                : exact ? Sureness.Likely
                : Sureness.Possible,
            deviation,
            why
        );

        bool Agrees(double measured, double listed, double error)
        {
            var off = Math.Abs((measured / listed) - 1);
            deviation = Math.Max(deviation, off);
            return off <= error;
        }

        bool Counts(Conductor of, Length strand)
        {
            why.Add(
                $"Count the strands: {of.Size.Name} {Conductor.Say(of.Build)} of {strand.Millimetres:0.###} mm has {Math.Round(of.Size.Area.SquareMillimetres / (Math.PI / 4 * strand.Millimetres * strand.Millimetres)):0}."
            );
            return of.Build switch
            {
                Build.Solid => Agrees(strand.Millimetres, of.Diameter.Millimetres, CaliperError),
                Build.Stranded => Agrees(strand.Millimetres, of.StrandDiameter.Millimetres, CaliperError),
                _ => false,
            };
        }
    }

    private static Build BuildOf(int strands) =>
        strands switch
        {
            1 => Build.Solid,
            7 or 19 or MostCoarse => Build.Stranded,
            _ => Build.FineStranded,
        };

    private static ConductorSize? NextSmaller(ConductorSize size) =>
        ConductorSize
            .Stocked.Where(s => s.System == size.System && s.Area.SquareMillimetres < size.Area.SquareMillimetres)
            .MaxBy(s => s.Area.SquareMillimetres);

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

    /// <summary>What the print says of its insulation; null where it says none.</summary>
    private string? Insulation() =>
        Print is not null
        && Marks.FirstOrDefault(m =>
            Regex.IsMatch(Print, $@"\b{Regex.Escape(m.Mark)}", RegexOptions.IgnoreCase, TimeSpan.FromSeconds(1))
        )
            is { } mark
            ? $"{mark.Mark}: {mark.Says}"
            : null;

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
