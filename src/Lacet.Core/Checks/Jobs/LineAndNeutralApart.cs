using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// All conductors of a circuit come from one place (NEC 300.3(B)): a line from one panel and its neutral from another
/// are never dead together.
/// </summary>
public sealed class LineAndNeutralApart : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["landing.ends", "wire.function", "circuit.wires", "enclosure.form"];

    /// <inheritdoc/>
    public string Id => "line-and-neutral-apart";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent() && !subject.Type.IsSwitch())
        {
            return null;
        }

        var ends = DeviceInside.Inputs(job, subject).SelectMany(l => job.EndsAt(l.Id)).ToList();
        var lines = Panels(job, ends.Where(e => e.Wire.Function.IsHot()), DeviceType.Breaker);
        var neutrals = Panels(job, ends.Where(e => e.Wire.Function == WireFunction.Neutral), DeviceType.NeutralBar);
        return lines is [var line] && neutrals is [var neutral] && line.Id != neutral.Id
            ? new Finding(
                Id,
                Severity.Stop,
                $"{subject.Name} has its line from {line.Name} and its neutral from {neutral.Name}: switched off in one, the neutral still carries the other’s load.",
                $"Bring both from one panel, in one raceway or cable.",
                "NEC 300.3(B) (from memory)",
                RestsOn
            )
            : null;
    }

    private static List<Enclosure> Panels(Job job, IEnumerable<EndOfWire> ends, DeviceType at) =>
        [
            .. ends.SelectMany(e => Sources.Of(job, job.Landings[e.End.LandingId!.Value]).Of(job, at))
                .Select(s => job.Enclosures[s.Device.EnclosureId])
                .Where(e => e.Form == EnclosureForm.Panel)
                .DistinctBy(e => e.Id),
        ];
}
