using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Wire enough to work on, and to work on again.</summary>
public sealed class FreeLengthShort : IJobCheck<EndOfWire>
{
    private static readonly string[] RestsOn =
    [
        "end.freeLengthMm",
        "end.pastOpeningMm",
        "enclosure.openingMm",
        "enclosure.form",
        "landing.splice",
        "houseRules.region",
    ];

    /// <inheritdoc/>
    public string Id => "free-length-short";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.End;

    /// <inheritdoc/>
    public Finding? Judge(Job job, EndOfWire subject)
    {
        // Six inches are a North American rule; elsewhere it is left to the hand.
        if (
            job.Title.Rules.Region != Region.NorthAmerica
            || subject.End is not { LandingId: { } id } end
            || job.Enclosures[job.Landings[id].EnclosureId]
                is not { Form: EnclosureForm.Box or EnclosureForm.DevicePlate } box
        )
        {
            return null;
        }

        if (!IsShort(job, box, subject))
        {
            return null;
        }

        // One length that was said of all wires of a box is one thing to put right: it is said at the first of them.
        var alike = Alike(job, box, end).Where(e => IsShort(job, box, e)).ToList();
        if (alike.MinBy(e => (e.Wire.Order, e.Wire.Id, e.Side)) is { } first && first.End.Id != end.Id)
        {
            return null;
        }

        var more = alike.Count - 1;
        return (end.FreeLength < FreeLength.Least, more) switch
        {
            (true, 0) => Short(
                $"Wire {subject.Wire.Name} has {end.FreeLength} free in {box.Name}; {FreeLength.Least} is the least."
            ),
            (true, _) => Short(
                $"Wire {subject.Wire.Name} and {more} more {(more == 1 ? "end has" : "ends have")} {end.FreeLength} free in {box.Name}; {FreeLength.Least} is the least."
            ),
            (_, 0) => Short(
                $"Wire {subject.Wire.Name} reaches {end.PastOpening} past the opening of {box.Name}; {FreeLength.LeastPastOpening} is the least where the opening is under {FreeLength.SmallOpening}."
            ),
            _ => Short(
                $"Wire {subject.Wire.Name} and {more} more {(more == 1 ? "end reaches" : "ends reach")} {end.PastOpening} past the opening of {box.Name}; {FreeLength.LeastPastOpening} is the least where the opening is under {FreeLength.SmallOpening}."
            ),
        };
    }

    /// <summary>What a pigtail is spliced to reaches the device by it.</summary>
    private static bool IsShort(Job job, Enclosure box, EndOfWire of) =>
        FreeLength.IsShort(of.End.FreeLength, of.End.PastOpening, box.Opening)
        && !HasPigtail(job, of.End.LandingId!.Value);

    /// <summary>The ends in a box of which the same was said.</summary>
    private static IEnumerable<EndOfWire> Alike(Job job, Enclosure box, JobEnd end) =>
        job.LandingsIn(box.Id)
            .SelectMany(l => job.EndsAt(l.Id))
            .Where(e => !e.Wire.Retired && e.End.FreeLength == end.FreeLength && e.End.PastOpening == end.PastOpening);

    private static bool HasPigtail(Job job, Guid landing) =>
        job.Landings[landing] is { Splice: not null, EnclosureId: var here }
        && job.EndsAt(landing)
            .Any(e =>
                e.Wire.Length >= FreeLength.Least
                && (e.Side == EndSide.A ? e.Wire.B : e.Wire.A).LandingId is { } other
                && job.Landings[other].EnclosureId == here
            );

    private Finding Short(FormattableString says) =>
        new(
            Id,
            Severity.Fix,
            says,
            $"Splice on a pigtail that leaves enough, or bring in more wire.",
            FreeLength.Source,
            RestsOn
        );
}
