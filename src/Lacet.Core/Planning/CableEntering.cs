using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Core.Planning;

/// <summary>The work at one end of a cable: its jacket comes off once, for the conductor that asks most of it.</summary>
/// <param name="Enclosure">Where it enters.</param>
/// <param name="Entry">What is known of it there.</param>
/// <param name="JacketOff">How much of the jacket comes off; null where nobody measured the way, or no end can be planned.</param>
public sealed record CableEntering(Enclosure Enclosure, CableEntry Entry, Length? JacketOff)
{
    /// <summary>The ends of a cable, in the order of their enclosures.</summary>
    public static IReadOnlyList<CableEntering> Of(JudgedJob judged, JobCable cable) =>
        [
            .. judged
                .Job.EnteredBy(cable.Id)
                .Select(enclosure =>
                {
                    var entry = EntryOfCable.At(judged.Job, cable, enclosure.Id);
                    var off = EntryOfCable
                        .EndsAt(judged.Job, cable, enclosure.Id)
                        .Select(e => judged.Plan(e.Wire.Id, e.Side))
                        .OfType<Checks.End.EndPlan>()
                        .Select(plan =>
                            RecipeBook.For(plan.AtHand).Strip is { } strip
                                ? entry.JacketOff(
                                    strip.Target,
                                    plan.Landing is BindingScrew or BackWireClamp or BackStab
                                )
                                : null
                        )
                        .Max();
                    return new CableEntering(enclosure, entry, off);
                }),
        ];
}
