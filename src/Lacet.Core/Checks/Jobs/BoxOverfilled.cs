using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Checks.Jobs;

/// <summary>More in a box than its volume has room for.</summary>
public sealed class BoxOverfilled : IJobCheck<Enclosure>
{
    private static readonly string[] RestsOn =
    [
        "enclosure.volumeIn3",
        "enclosure.form",
        "conductors",
        "wire.a.landingId",
        "wire.b.landingId",
        "wire.function",
        "device.type",
    ];

    /// <inheritdoc/>
    public string Id => "box-overfilled";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Enclosure;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Enclosure subject)
    {
        if (subject is not { VolumeIn3: { } volume, Form: EnclosureForm.Box or EnclosureForm.DevicePlate })
        {
            return null;
        }

        var ends = job.LandingsIn(subject.Id).SelectMany(l => job.EndsAt(l.Id)).ToList();
        if (ends.Exists(e => e.Wire.Conductor is not { } conductor || !BoxFill.Covers(conductor.Size)))
        {
            return new(
                Id,
                Severity.Note,
                $"Not judged: a conductor in {subject.Name} is not known, or is larger than 6 AWG, where table 314.16(B) ends.",
                $"Count the box by hand.",
                "NEC 314.16(B) (from memory)",
                RestsOn
            );
        }

        var fill = BoxFill.Of(Contents(job, subject, ends), volume);
        return fill.Fits == true
            ? null
            : new(
                Id,
                Severity.Fix,
                $"{subject.Name} needs {fill.Needed:0.##} in³ without clamps, and has {volume:0.##}.",
                fill.Box is { } box
                    ? (FormattableString)
                        $"Take a deeper box, such as {box.Name} ({box.CubicInches:0.#} in³), or an extension ring; pigtails that stay in the box count nothing."
                    : $"Part it into two boxes; pigtails that stay in the box count nothing.",
                "NEC 314.16(B) (from memory)",
                RestsOn
            );
    }

    /// <summary>
    /// What comes from outside counts; what begins and ends in the box does not. Nobody says whether clamps are inside.
    /// </summary>
    private static BoxContents Contents(Job job, Enclosure box, List<EndOfWire> ends)
    {
        bool IsInside(EndOfWire end) => end.Other.LandingId is { } other && job.Landings[other].EnclosureId == box.Id;
        var outside = ends.Where(e => !IsInside(e)).ToList();
        IReadOnlyList<CountedSize> Counted(bool earths) =>
            [
                .. outside
                    .Where(e => e.Wire.Function == WireFunction.Earth == earths)
                    .GroupBy(e => e.Wire.Conductor!.Size)
                    .Select(g => new CountedSize(g.Count(), g.Key)),
            ];
        return new(Counted(earths: false), Counted(earths: true))
        {
            Pigtails = ends.Count(IsInside) / 2,
            Yokes =
            [
                .. job.DevicesIn(box.Id)
                    .Where(d =>
                        d.Type is DeviceType.Receptacle or DeviceType.GroundFaultReceptacle or DeviceType.Switch
                    )
                    .Select(d => LargestOn(job, d))
                    .OfType<ConductorSize>(),
            ],
        };
    }

    private static ConductorSize? LargestOn(Job job, Device device) =>
        job.LandingsOf(device.Id)
            .SelectMany(l => job.EndsAt(l.Id))
            .Select(e => e.Wire.Conductor!.Size)
            .MaxBy(s => s.Area.SquareMillimetres);
}
