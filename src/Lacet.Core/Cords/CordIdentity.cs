using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>Which conductor of a cord is which.</summary>
/// <param name="Conductors">Each, in the order that it was given.</param>
/// <param name="Meter">What to measure; empty where nothing has to be.</param>
public sealed partial record CordIdentity(IReadOnlyList<IdentifiedConductor> Conductors, IReadOnlyList<MeterStep> Meter)
{
    private const string Screws = "NEC 200.10, 250.126 (from memory)";
    private const string Flat = "NEC 400.22 (from memory)";
    private const string Blades = "NEMA WD 6 (from memory)";
    private const string Connectors = "IEC 60320-1 (from memory)";
    private const string Practice = "common practice (from memory)";

    /// <summary>
    /// Says what each conductor is for, by the colours of a region and what else is seen. What the same colours mean
    /// elsewhere is said only of a cord that may be <paramref name="foreign"/>, or shows a foreign colour. Throws
    /// <see cref="ImpossibleInputException"/> where it is no cord of two or three conductors.
    /// </summary>
    public static CordIdentity Of(IReadOnlyList<SeenConductor> seen, Region region, bool foreign = false)
    {
        if (seen.Count is not (2 or 3))
        {
            throw new ImpossibleInputException("conductors", "A cord here has two or three conductors.");
        }

        var each = seen.Select(s => Judge(s, region, seen, foreign || seen.Any(o => IsForeign(o.Colour, region))))
            .ToList();
        // Two that claim the same cannot both be right.
        for (var i = 0; i < each.Count; i++)
        {
            if (each[i].Role != CordRole.Unknown && each.Count(e => e.Role == each[i].Role) > 1)
            {
                each[i] = each[i] with { Certainty = Certainty.MeterIt };
            }
        }

        each =
        [
            .. each.Select(
                (e, i) => ByTheOthers(e, each, i) with { Hue = seen[i].Colour?.Base, Stripe = seen[i].Colour?.Stripe }
            ),
        ];
        return new(each, each.TrueForAll(e => e.Certainty != Certainty.MeterIt) ? [] : [.. Steps(seen.Count)]);
    }

    /// <summary>
    /// Whether a colour is another region’s mark: brown, blue and green-yellow in North America, white elsewhere.
    /// </summary>
    private static bool IsForeign(InsulationColour? colour, Region region) =>
        colour is { } seen
        && (
            region == Region.NorthAmerica
                ? seen.Base is Hue.Brown or Hue.Blue || (seen.MarksEarth && seen.Stripe is not null)
                : seen.Base is Hue.White || (seen.MarksEarth && seen.Stripe is null)
        );

    private static IdentifiedConductor Judge(
        SeenConductor seen,
        Region region,
        IReadOnlyList<SeenConductor> all,
        bool foreign
    )
    {
        var cues = new List<IdentityReason>();
        var misleads = new List<Term>();
        var remarked = seen.Cues.Contains(IdentityCue.Remarked);
        if (remarked)
        {
            cues.Add(
                new(
                    CordRole.Line,
                    IsStrong: false,
                    "A white conductor that is marked again may be a line.",
                    "NEC 200.7(C) (from memory)"
                )
            );
            misleads.Add("A re-marked white may be a line: the mark may also have come off the one that has none.");
        }
        else if (seen.Colour is { } colour && ByColour(colour, region, misleads, foreign) is { } meant)
        {
            cues.Add(meant);
        }

        cues.AddRange(seen.Cues.Distinct().Select(c => By(c, all)).OfType<IdentityReason>());
        var roles = cues.Select(c => c.Role).Distinct().ToList();
        var strong = cues.Count(c => c.IsStrong);
        return roles is [var one]
            ? new(
                one,
                strong >= 2 ? Certainty.Sure
                    : strong == 1 ? Certainty.Likely
                    : Certainty.MeterIt,
                cues,
                misleads
            )
            : new(CordRole.Unknown, Certainty.MeterIt, cues, misleads);
    }

    /// <summary>
    /// Where all others are known by cues that can be relied on and one is likely, nothing is left for it but that.
    /// </summary>
    private static IdentifiedConductor ByTheOthers(IdentifiedConductor one, List<IdentifiedConductor> all, int at) =>
        one.Certainty == Certainty.Likely && all.Where((_, i) => i != at).All(o => o.Certainty != Certainty.MeterIt)
            ? one with
            {
                Certainty = Certainty.Sure,
            }
            : one;

    private static IEnumerable<MeterStep> Steps(int conductors)
    {
        const string same = "Under 1 Ω: that is the one. No reading: it is another.";
        // From the front of a receptacle with its earth below the neutral is on the left; a plug's blades mirror that
        // (UL 498, NEMA WD 6, from memory).
        const string held = "blade, the blades towards you and the earth pin below";
        yield return new(
            conductors == 3 ? $"the right {held}" : "the wide blade",
            "each bare end in turn",
            $"{same} That one is the neutral.",
            CordRole.Neutral
        );
        yield return new(
            conductors == 3 ? $"the left {held}" : "the narrow blade",
            "each bare end that is left",
            $"{same} That one is the line.",
            CordRole.Line
        );
        if (conductors == 3)
        {
            yield return new(
                "the earth pin",
                "the bare end that is left",
                $"{same} That one is the earth.",
                CordRole.Earth
            );
        }

        yield return new(
            "each bare end",
            "each other bare end",
            "No reading, also while the cord is bent along its length: otherwise scrap it.",
            CordRole.Unknown
        );
    }
}
