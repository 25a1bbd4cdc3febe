using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Core.Planning;

/// <summary>
/// A new plug on a cord: how far the jacket comes off, how long each conductor is cut, and what is done in order.
/// </summary>
/// <param name="JacketOff">How much of the jacket comes off; of flat cord, how far its two sides are parted.</param>
/// <param name="Terminals">Each conductor to its own screw, the earth last.</param>
/// <param name="Strip">What each strips.</param>
/// <param name="Steps">What is done, in order.</param>
public sealed record PlugRefit(
    Length JacketOff,
    IReadOnlyList<PlugTerminal> Terminals,
    Window<Length> Strip,
    IReadOnlyList<FormattableString> Steps
)
{
    /// <summary>The jacket reaches so far past the clamp on its inside: 1/4 in (NEC 314.17(C), from memory).</summary>
    private static readonly Length PastTheClamp = Length.FromInches(0.25);

    /// <summary>The earth is left longer than it need be, so that it pulls out last (common practice).</summary>
    private static readonly Length EarthSlack = new(10);

    /// <summary>
    /// Plans a plug whose screws stand so far from the inside of its clamp, mm; without an earth screw it is a
    /// two-blade plug on two-wire cord. Throws <see cref="ImpossibleInputException"/> where a way cannot be, or where
    /// the conductor does not belong in a plug.
    /// </summary>
    public static PlugRefit Of(
        Conductor conductor,
        ScrewSize? screw,
        double lineMm,
        double neutralMm,
        double? earthMm,
        HouseRules rules,
        PlugGrip grip = PlugGrip.Hook
    )
    {
        var landing = new PlugScrew(screw, grip, null);
        var recipe = RecipeBook.For(new EndAtHand(conductor, landing, rules));
        if (recipe.Strip is not { } strip)
        {
            throw new ImpossibleInputException("conductor", recipe.Findings[0].Says.Said(ReaderFormat.Metric));
        }

        PlugTerminal To(CordRole role, string says, double mm, string field, Length slack)
        {
            // The insulation ends at the edge of the screw's head, and of the plate that it draws down.
            var insulated =
                PlugPaths.Held(new(mm), field) - PastTheClamp - new Length(landing.Screw.HeadDiameter / 2) + slack;
            return new(role, says, insulated + strip.Target, insulated);
        }

        List<PlugTerminal> terminals =
        [
            To(CordRole.Line, "brass", lineMm, "lineMm", default),
            To(CordRole.Neutral, "silver", neutralMm, "neutralMm", default),
        ];
        if (earthMm is { } earth)
        {
            var longest = terminals.Max(t => t.Length.Millimetres);
            var own = To(CordRole.Earth, "green", earth, "earthMm", EarthSlack);
            var more = new Length(Math.Max(0, longest + EarthSlack.Millimetres - own.Length.Millimetres));
            terminals.Add(own with { Length = own.Length + more, Insulated = own.Insulated + more });
        }

        var off = new Length(terminals.Max(t => t.Length.Millimetres));
        return new(off, terminals, strip, [.. InOrder(off, strip, earthMm is not null, grip)]);
    }

    private static IEnumerable<FormattableString> InOrder(
        Length off,
        Window<Length> strip,
        bool hasEarth,
        PlugGrip grip
    )
    {
        yield return $"Pull the plug, keep it in sight, and see that nothing feeds the other end.";
        yield return $"Cut the cord back to where it is sound, squarely.";
        yield return hasEarth
            ? (FormattableString)
                $"Thread the cord through the new plug’s shell and clamp first; feed in {off:cut}, and for a knot two diameters of the cord more."
            : $"Thread the cord through the new plug’s shell first; feed in {off:cut}, and for a knot two diameters of the cord more.";
        yield return hasEarth
            ? (FormattableString)$"Take {off:cut} of jacket off, and look: no conductor’s insulation is nicked."
            : $"Part the two sides over {off:cut}, and look: no copper shows between them.";
        yield return $"Lay it in the plug, and mark each length with the thumb: what was measured is checked so.";
        yield return hasEarth
            ? (FormattableString)$"Cut each conductor to its own length, the earth the longest."
            : $"Cut each conductor to its own length.";
        yield return $"Strip {strip:target} of each, and twist the strands clockwise, every one of them.";
        var land =
            grip == PlugGrip.Hook
                ? "Hook each clockwise round its screw"
                : "Push each straight under its plate, until the insulation meets it";
        yield return hasEarth
            ? (FormattableString)
                $"{land}: line to brass, neutral to silver, earth to green. No strand crosses to another screw."
            : $"{land}: line to brass, neutral to silver. No strand crosses to another screw.";
        yield return $"Tighten each to the value that the plug is marked with.";
        yield return hasEarth
            ? (FormattableString)$"Close the clamp on the jacket, never on the conductors, and the shell."
            : $"Close the clamp or tie the knot, so that no pull reaches the screws, and close the shell.";
        yield return $"Pull the cord, then measure each blade to its own conductor, and to no other.";
        yield return hasEarth
            ? (FormattableString)
                $"Measure earth pin to case, under 1 Ω; no reading from either blade to the case; first power-up behind ground-fault protection."
            : $"No reading from either blade to any metal outside; first power-up behind ground-fault protection.";
    }
}
