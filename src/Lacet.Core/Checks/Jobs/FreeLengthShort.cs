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

        // What a pigtail is spliced to reaches the device by it.
        if (!FreeLength.IsShort(end.FreeLength, end.PastOpening, box.Opening) || HasPigtail(job, id))
        {
            return null;
        }

        return end.FreeLength < FreeLength.Least
            ? Short(
                $"Wire {subject.Wire.Name} has {end.FreeLength} free in {box.Name}; {FreeLength.Least} is the least."
            )
            : Short(
                $"Wire {subject.Wire.Name} reaches {end.PastOpening} past the opening of {box.Name}; {FreeLength.LeastPastOpening} is the least where the opening is under {FreeLength.SmallOpening}."
            );
    }

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
