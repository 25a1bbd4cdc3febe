using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Whether the tabs of a duplex receptacle suit what feeds its halves.</summary>
public sealed class BreakOffTabCheck : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.hotTab",
        "device.neutralTab",
        "landing.half",
        "wire.circuitId",
        "wire.function",
    ];

    /// <inheritdoc/>
    public string Id => "break-off-tab";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle)
        {
            return null;
        }

        var (upper, lower) = (Ends(job, subject, DeviceHalf.Upper), Ends(job, subject, DeviceHalf.Lower));
        return Hot(job, subject, Hots(upper), Hots(lower)) ?? Neutral(job, subject, Neutrals(upper), Neutrals(lower));
    }

    private Finding? Hot(Job job, Device device, List<JobWire> upper, List<JobWire> lower)
    {
        if (device.HotTab == BreakOffTab.Removed)
        {
            return upper.Count > 0 == lower.Count > 0
                ? null
                : Found(
                    Severity.Fix,
                    $"The line tab of {device.Name} is broken off and only its {(upper.Count > 0 ? "upper" : "lower")} half is fed: the other half is dead.",
                    $"Feed the other half too, or take a receptacle with its tab."
                );
        }

        if (upper.Count == 0 || lower.Count == 0)
        {
            return null;
        }

        var circuits = upper.Concat(lower).Select(w => w.CircuitId).Distinct().Count();
        var legs = upper.Exists(u =>
            lower.Exists(l => u.CircuitId != l.CircuitId && Share(job, u.CircuitId, l.CircuitId))
        );
        return legs
                ? Found(
                    Severity.Stop,
                    $"Two legs of a shared neutral feed the halves of {device.Name}, and its line tab is whole: line to line, a dead short.",
                    $"Break the line tab off before anything is energised; keep the neutral tab, and let both breakers disconnect together."
                )
            : circuits > 1
                ? Found(
                    Severity.Stop,
                    $"Two circuits feed the halves of {device.Name}, and its line tab is whole: it ties their breakers together, and neither makes it dead alone.",
                    $"Break the line tab off, and let the two breakers disconnect together."
                )
            : upper.Concat(lower).Any(w => w.Function == WireFunction.Switched)
            && upper.Concat(lower).Any(w => w.Function == WireFunction.Line)
                ? Found(
                    Severity.Fix,
                    $"One half of {device.Name} is switched and the other is not, and the line tab is whole: the switch does nothing.",
                    $"Break the line tab off."
                )
            : null;
    }

    private Finding? Neutral(Job job, Device device, List<JobWire> upper, List<JobWire> lower)
    {
        if (device.NeutralTab == BreakOffTab.Removed)
        {
            return upper.Count > 0 == lower.Count > 0
                ? null
                : Found(
                    Severity.Fix,
                    $"The neutral tab of {device.Name} is broken off and one half has no neutral: it is dead, and live at the slot.",
                    $"Bring a neutral to both halves, or take a receptacle with its tab."
                );
        }

        return upper.Exists(u => lower.Exists(l => l.CircuitId != u.CircuitId && !Share(job, u.CircuitId, l.CircuitId)))
            ? Found(
                Severity.Stop,
                $"Neutrals of two circuits meet at {device.Name}, and its neutral tab is whole: each may carry what the other does.",
                $"Break the neutral tab off, and keep each circuit with its own neutral."
            )
            : null;
    }

    private static bool Share(Job job, Guid? a, Guid? b) => a is { } one && b is { } two && job.ShareNeutral(one, two);

    private static List<JobWire> Ends(Job job, Device device, DeviceHalf half) =>
        [.. job.LandingsOf(device.Id).Where(l => l.Half == half).SelectMany(l => job.EndsAt(l.Id)).Select(e => e.Wire)];

    private static List<JobWire> Hots(List<JobWire> wires) => wires.FindAll(w => w.Function.IsHot());

    private static List<JobWire> Neutrals(List<JobWire> wires) =>
        wires.FindAll(w => w.Function == WireFunction.Neutral);

    private Finding Found(Severity severity, FormattableString says, FormattableString @do) =>
        new(Id, severity, says, @do, "NEC 210.4, 210.7, 300.3(B) (from memory); common practice", RestsOn);
}
