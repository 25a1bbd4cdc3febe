using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a cable or cord adds to a recipe: its jacket comes first.</summary>
internal static class EntryLines
{
    /// <summary>The steps, with the jacket after dead is proved and before anything else.</summary>
    internal static IReadOnlyList<Step> Before(EndPlan plan, Window<Length> strip, IReadOnlyList<Step> steps)
    {
        if (plan.AtHand.Entry is not { } entry)
        {
            return steps;
        }

        var off = entry.JacketOff(strip.Target, plan.Landing is BindingScrew or BackWireClamp or BackStab);
        var feed = CommonLines.SlideOnFirst(
            entry.Gland is { } fits
                ? (FormattableString)
                    $"Slide the gland’s nut on the cable first. A jacket of {entry.Jacket:mm} usually takes a gland of {fits.Name}: the range printed on it rules."
                : $"Slide the clamp on the cable first: a jacket of {entry.Jacket:mm} is beyond usual glands."
        );
        var jacket = new Step(
            "strip-cable-jacket",
            Operation.Strip,
            $"Take {off:cut} of the jacket off, with a jacket stripper or a knife that only scores it.",
            $"No insulation under it is nicked. The jacket reaches 6 mm (1/4 in) past the clamp, which holds the jacket, never the conductors."
        );
        var dead = steps.TakeWhile(s => s.Id is "prove-dead").ToList();
        return [.. dead, feed with { Id = "feed-gland" }, jacket, .. steps.Skip(dead.Count)];
    }

    internal static IEnumerable<FormattableString> Cautions(EndAtHand atHand)
    {
        if (
            atHand.Entry is not null
            && atHand.Conductor.Build != Build.Solid
            && atHand.Landing is (SetScrewLug or CrimpedLug)
        )
        {
            yield return $"Large conductors: bend them to their run before they land, so that nothing pulls on the lug.";
        }
    }
}
