using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The supply belongs on LINE.</summary>
public sealed class LineLoadSwapped : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["landing.side", "wire.function", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "line-load-swapped";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type != DeviceType.GroundFaultReceptacle)
        {
            return null;
        }

        var landings = job.LandingsOf(subject.Id).ToList();
        var hots = landings
            .Where(l => l.Side == DeviceSide.Load)
            .SelectMany(l => job.EndsAt(l.Id))
            .Where(e => e.Wire.Function.IsHot())
            .ToList();
        var nothingOnLine = !landings
            .Where(l => l.Side == DeviceSide.Line)
            .SelectMany(l => job.EndsAt(l.Id))
            .Any(e => e.Wire.Function.IsHot());
        var swapped = hots.Count > 0 && (nothingOnLine || hots.Exists(hot => FeedsFrom(job, hot, subject.Id)));
        return !swapped
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"The supply of {subject.Name} is on its LOAD side: it protects nothing there, and some go on feeding their own outlets after a trip.",
                $"Move the supply to LINE and what goes on to LOAD, then press its test button: the outlets must go dead.",
                "NEC 110.3(B); UL 943 (from memory)",
                RestsOn
            );
    }

    private static bool FeedsFrom(Job job, EndOfWire hot, Guid device) =>
        hot.Wire.CircuitId is { } circuit
        && CircuitPaths.Point(job, hot.Other) is { } far
        && far != device
        && new CircuitPaths(job, circuit).Reaches(far, without: device);
}
