using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>Whether a connector holds what is joined in it, where it is.</summary>
/// <param name="Findings">What is wrong, the worst first.</param>
/// <param name="Reasons">Why it fits.</param>
public sealed partial record SpliceFit(IReadOnlyList<Finding> Findings, IReadOnlyList<Reason> Reasons)
{
    /// <summary>Accepted ways of splicing.</summary>
    public const string Source = "NEC 110.14(B) (from memory)";

    private const string Sheet = "the connector’s sheet; NEC 110.3(B) (from memory)";
    private const string Practice = "common practice (from memory)";

    /// <summary>
    /// Sizes are named, and the same wire is 2.5 mm² on one sheet and 14 AWG on another: an area passes a limit that is
    /// its own within so much (common practice).
    /// </summary>
    private const double Named = 0.02;

    /// <summary>The least conductor of a cord that may be repaired.</summary>
    private static readonly ConductorSize LeastRepaired = ConductorSize.Parse("14 AWG");

    private static readonly string[] OnEnds = ["landing.splice", "landing.ends", "conductors"];
    private static readonly string[] OnPlace = ["landing.splice", "enclosure.place"];
    private static readonly string[] OnFunction = ["landing.splice", "wire.function"];
    private static readonly string[] OnCord = ["landing.splice", "wire.inCord", "conductors"];

    /// <summary>Whether nothing forbids it.</summary>
    public bool Fits => !Findings.Any(f => f.Severity == Severity.Stop);

    /// <summary>Judges a joint.</summary>
    public static SpliceFit Of(SpliceJoin join)
    {
        var filling = Filling(join).ToList();
        return new(
            [
                .. filling
                    .Concat(Metals(join))
                    .Concat(Builds(join))
                    .Concat(Made(join))
                    .Concat(Wet(join))
                    .Concat(Cord(join))
                    .Concat(Twin(join))
                    .Select(f => f with { Harm = HarmOf(f.Check) })
                    .OrderBy(f => f.Severity)
                    .ThenBy(f => f.Harm),
            ],
            [
                .. filling.Count == 0 ? Held(join) : [],
                join.Place == SplicePlace.Buried
                    ? new(
                        "splice-reach",
                        ReadingName.Fit,
                        Trust.Standard,
                        "NEC 300.5(E) (from memory)",
                        $"A splice that is listed for direct burial needs no box."
                    )
                    : new(
                        "splice-reach",
                        ReadingName.Fit,
                        Trust.Standard,
                        "NEC 314.29 (from memory)",
                        $"A splice stays where it can be reached: in a box with its cover on, never behind a finished wall."
                    ),
            ]
        );
    }

    /// <summary>What a finding of a joint would do to whom.</summary>
    private static Harm HarmOf(string check) =>
        check switch
        {
            "earth-by-solder" or "splice-twin-crossed" => Harm.Shock,
            "splice-not-listed" or "splice-not-for-strands" => Harm.Fit,
            _ => Harm.Fire,
        };

    /// <summary>Ends in a few words: "2 × 14 AWG and 1 × 12 AWG"; the metal is said where there are two.</summary>
    public static string Say(IEnumerable<Conductor> ends)
    {
        var all = ends.ToList();
        var isMixed = all.Select(e => e.Material).Distinct().Count() > 1;
        return string.Join(
            " and ",
            all.GroupBy(e => (e.Size, Metal: isMixed ? " " + Conductor.Say(e.Material) : ""))
                .OrderByDescending(g => g.Key.Size.Area.SquareMillimetres)
                .ThenBy(g => g.Key.Metal, StringComparer.Ordinal)
                .Select(g => FormattableString.Invariant($"{g.Count()} × {g.Key.Size.Name}{g.Key.Metal}"))
        );
    }

    private static IEnumerable<Finding> Listed(SpliceConnector connector, IReadOnlyList<Conductor> ends)
    {
        if (!connector.Combinations.Any(c => IsThat(c, ends)))
        {
            yield return new(
                "splice-not-listed",
                Severity.Stop,
                $"{Say(ends)} is not among the {connector.Combinations.Count} combinations on this connector’s sheet.",
                $"Take a connector whose sheet lists it: one is good for its combinations and no others.",
                Sheet,
                OnEnds
            );
        }
    }

    private static IEnumerable<Finding> Filling(SpliceJoin join)
    {
        var (connector, ends) = (join.Connector, join.Conductors);
        if (connector.Kind is ConnectorKind.Solder or ConnectorKind.None)
        {
            yield break;
        }

        if (connector.Combinations.Count > 0)
        {
            foreach (var finding in Listed(connector, ends))
            {
                yield return finding;
            }

            yield break;
        }

        var (areas, together) = (ends.Select(c => c.Size.Area.SquareMillimetres).ToList(), connector.HoldsTheBundle);
        var (smallest, largest) = together ? (areas.Sum(), areas.Sum()) : (areas.Min(), areas.Max());
        if (ends.Count > connector.MostCount || largest > connector.MostMm2 * (1 + Named))
        {
            yield return new(
                "splice-overfilled",
                Severity.Stop,
                ends.Count > connector.MostCount
                        ? (FormattableString)
                            $"{ends.Count} conductors, and this connector takes {connector.MostCount} at most."
                    : together
                        ? (FormattableString)
                            $"Together they are {largest:0.##} mm², and this connector takes {connector.MostMm2:0.##} mm² at most."
                    : $"A conductor of {largest:0.##} mm² does not go into this connector, which takes {connector.MostMm2:0.##} mm² at most.",
                $"Take the next larger connector, or make two joints with a jumper between them.",
                Sheet,
                OnEnds
            );
        }

        if (ends.Count < connector.LeastCount || smallest < connector.LeastMm2 * (1 - Named))
        {
            yield return new(
                "splice-underfilled",
                Severity.Stop,
                ends.Count < connector.LeastCount
                        ? (FormattableString)
                            $"{ends.Count} {(ends.Count == 1 ? "conductor" : "conductors")}, and this connector takes {connector.LeastCount} at least."
                    : together
                        ? (FormattableString)
                            $"Together they are {smallest:0.##} mm², and this connector takes {connector.LeastMm2:0.##} mm² at least: it does not bite, and falls off."
                    : $"A conductor of {smallest:0.##} mm² is held badly by this connector, which takes {connector.LeastMm2:0.##} mm² at least.",
                ends.Count < connector.LeastCount
                    ? (FormattableString)$"A wire is missing; or it is a spare: cap it by itself."
                    : $"Take a smaller connector.",
                Sheet,
                OnEnds
            );
        }
    }

    private static IEnumerable<Reason> Held(SpliceJoin join)
    {
        var (connector, ends) = (join.Connector, join.Conductors);
        if (connector.Kind is ConnectorKind.Solder or ConnectorKind.None)
        {
            yield break;
        }

        yield return new(
            "splice-filling",
            ReadingName.Fit,
            Trust.Maker,
            Sheet,
            connector.Combinations.Count > 0 ? (FormattableString)$"{Say(ends)} is a combination on its sheet."
                : connector.HoldsTheBundle
                    ? (FormattableString)
                        $"{ends.Count} of {connector.LeastCount} to {connector.MostCount} conductors, together {ends.Sum(e => e.Size.Area.SquareMillimetres):0.##} of {connector.LeastMm2:0.##} to {connector.MostMm2:0.##} mm²."
                : $"{ends.Count} of {connector.LeastCount} to {connector.MostCount} conductors, each from {connector.LeastMm2:0.##} to {connector.MostMm2:0.##} mm²."
        );
    }
}
