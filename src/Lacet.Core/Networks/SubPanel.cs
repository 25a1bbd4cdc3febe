using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Whether a panel is fed by another panel of the job: then its neutral and its earth stay apart.</summary>
public static class SubPanel
{
    /// <summary>
    /// Whether a feeder comes to it: a wire from a breaker of another enclosure that ends at a breaker, a bar or a block
    /// here, in a panel.
    /// </summary>
    public static bool Is(Job job, Guid enclosure) =>
        job.Enclosures[enclosure].Form == EnclosureForm.Panel
        && job.DevicesIn(enclosure)
            .Where(d => d.Type is DeviceType.Breaker or DeviceType.NeutralBar)
            .SelectMany(d => job.LandingsOf(d.Id))
            .SelectMany(l => job.EndsAt(l.Id))
            .Any(e =>
                (e.Wire.Function.IsHot() || e.Wire.Function == WireFunction.Neutral)
                && e.Other.LandingId is { } far
                && job.Landings[far] is { DeviceId: { } device } there
                && there.EnclosureId != enclosure
                && job.Enclosures[there.EnclosureId].Form == EnclosureForm.Panel
                && job.Devices[device].Type is DeviceType.Breaker or DeviceType.NeutralBar
                && IsFeeder(job, e.Wire, enclosure)
            );

    /// <summary>The circuit’s own breaker is over there, and something here is fed by it.</summary>
    private static bool IsFeeder(Job job, JobWire wire, Guid enclosure) =>
        wire.CircuitId is { } circuit
        && job.WiresOf(circuit)
            .Where(w => w.Function.IsHot())
            .SelectMany(w => new[] { w.A, w.B })
            .Select(e => e.LandingId is { } id ? job.Landings[id] : null)
            .OfType<JobLanding>()
            .Any(l =>
                l.EnclosureId != enclosure
                && l.DeviceId is { } device
                && job.Devices[device].Type == DeviceType.Breaker
                && l.Side != DeviceSide.Line
            );
}
