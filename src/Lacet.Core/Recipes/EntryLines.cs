using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a cable or cord adds to a recipe: its jacket comes first.</summary>
internal static class EntryLines
{
    /// <summary>The steps, with the jacket after dead is proved and before the strip.</summary>
    internal static IReadOnlyList<Step> Before(EndPlan plan, Window<Length> strip, IReadOnlyList<Step> steps)
    {
        if (plan.AtHand.Entry is not { } entry)
        {
            return steps;
        }

        var off = entry.JacketOff(strip.Target, plan.Landing is BindingScrew or BackWireClamp or BackStab);
        FormattableString gland = entry.Gland is { } fits
            ? (FormattableString)$"A jacket of {entry.Jacket} usually takes a gland of {fits.Name}: the range printed on it rules."
            : $"A jacket of {entry.Jacket} is beyond usual glands: take a clamp made for it.";
        var jacket = new Step(
            "strip-cable-jacket",
            Operation.Strip,
            $"Take {off} of the jacket off, with a jacket stripper or a knife that only scores it. {gland}",
            $"No insulation under it is nicked. The jacket reaches 6 mm (1/4 in) past the clamp, and the clamp holds the jacket, never the conductors.");
        return [steps[0], jacket, .. steps.Skip(1)];
    }

    internal static IEnumerable<FormattableString> Cautions(EndAtHand atHand)
    {
        if (atHand.Entry is not null)
        {
            yield return $"Jacket under the clamp, never the conductors; snug, not crushed.";
        }

        if (atHand.Entry is not null && atHand.Conductor.Build != Build.Solid && atHand.Landing is (SetScrewLug or CrimpedLug))
        {
            yield return $"Large conductors: bend them to their run before they land, so that nothing pulls on the lug.";
        }
    }
}
