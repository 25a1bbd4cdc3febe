using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
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

        var atADevice = plan.Landing is BindingScrew or BackWireClamp or BackStab;
        var dead = steps.TakeWhile(s => s.Id is "prove-dead").ToList();
        return
        [
            .. dead,
            CommonLines.SlideOnFirst(Gland(entry)) with
            {
                Id = "feed-gland",
            },
            entry.IsParallel
                ? new Step("part-cord", Operation.Strip, Parted(entry, strip, atADevice), Apart)
                : new Step("strip-cable-jacket", Operation.Strip, Off(entry, strip, atADevice), Bared),
            .. Shield(entry),
            .. steps.Skip(dead.Count),
        ];
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

    private static FormattableString Bared =>
        $"No insulation under it is nicked. The jacket reaches 6 mm (1/4 in) past the clamp, which holds the jacket, never the conductors.";

    private static FormattableString Apart =>
        $"No copper shows where they part. The clamp holds both together, unparted.";

    private static FormattableString Gland(CableEntry entry) =>
        (entry.Jacket, entry.Gland) switch
        {
            ({ } jacket, { } fits) =>
                $"Slide the gland’s nut on the cable first. A jacket of {jacket:mm} usually takes a gland of {fits.Name}: the range printed on it rules.",
            ({ } jacket, null) =>
                $"Slide the clamp on the cable first: a jacket of {jacket:mm} is beyond usual glands.",
            _ when entry.IsParallel => $"Slide the strain relief on the cord first.",
            _ =>
                $"Slide the gland’s nut or the clamp on the cable first: measure over the jacket, and take the gland whose printed range holds it.",
        };

    private static FormattableString Off(CableEntry entry, Window<Length> strip, bool atADevice)
    {
        var (once, far) =
            entry.Conductors > 1
                ? (
                    FormattableString.Invariant($", once for the {entry.Conductors} conductors of {entry.Name}"),
                    "furthest "
                )
                : ("", "");
        var fillers = entry.Name is null ? "" : " Cut fillers back to the jacket.";
        return entry.JacketOff(strip.Target, atADevice) is { } off
            ? (FormattableString)
                $"Take {off:cut} of the jacket off{once}, with a jacket stripper or a knife that only scores it.{fillers}"
            : $"Lay the cable to its {far}landing, mark the jacket 6 mm (1/4 in) past the clamp, and take it off from there{once}, with a jacket stripper or a knife that only scores it.{fillers}";
    }

    private static FormattableString Parted(CableEntry entry, Window<Length> strip, bool atADevice) =>
        entry.JacketOff(strip.Target, atADevice) is { } off
            ? (FormattableString)
                $"Part the two conductors {off:cut} deep: nick the web between them at the tip, and pull them apart."
            : $"Part the two conductors as far as their landings ask: nick the web between them at the tip, and pull them apart.";

    private static IEnumerable<Step> Shield(CableEntry entry)
    {
        if (entry.IsShielded)
        {
            yield return new Step(
                "dress-shield",
                Operation.Prepare,
                $"Cut the foil or braid back to the jacket, its drain left long. Sleeve the drain, and land it where the drawing says: usually at the panel’s end only.",
                $"No foil and no wire of the shield reaches a conductor. Where the drain does not land, it is cut off and insulated."
            );
        }
    }
}
