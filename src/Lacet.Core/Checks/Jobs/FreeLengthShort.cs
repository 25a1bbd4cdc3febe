using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Wire enough to work on, and to work on again.</summary>
public sealed class FreeLengthShort : IJobCheck<EndOfWire>
{
    private static readonly string[] RestsOn = ["end.freeLengthMm", "end.pastOpeningMm", "enclosure.openingMm", "enclosure.form"];

    /// <inheritdoc/>
    public string Id => "free-length-short";

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.End;

    /// <inheritdoc/>
    public Finding? Judge(Job job, EndOfWire subject)
    {
        if (subject.End is not { LandingId: { } id } end || job.Enclosures[job.Landings[id].EnclosureId] is not { Form: EnclosureForm.Box or EnclosureForm.DevicePlate } box)
        {
            return null;
        }

        // 6 in from where it leaves its sheath; where the opening is under 8 in, 3 in past it as well.
        var (least, past, small) = (Length.FromInches(6), Length.FromInches(3), Length.FromInches(8));
        return end.FreeLength is { } free && free < least
            ? Short($"Wire {subject.Wire.Name} has {free} free in {box.Name}; {least} is the least.")
            : end.PastOpening is { } reach && (box.Opening is null || box.Opening < small) && reach < past
                ? Short($"Wire {subject.Wire.Name} reaches {reach} past the opening of {box.Name}; {past} is the least where the opening is under {small}.")
                : null;
    }

    private Finding Short(FormattableString says) =>
        new(Id, Severity.Fix, says, $"Splice on a pigtail that leaves enough, or bring in more wire.", "NEC 300.14 (from memory)", RestsOn);
}
