using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// Where a wire goes: on from end to end in its circuit, through terminal blocks and splices, to the first device that
/// is more than a terminal.
/// </summary>
internal static class WireWay
{
    private const int MostSteps = 40;

    /// <summary>
    /// The device at the far end of a wire that is landed here; null where it ends nowhere, or the way parts.
    /// </summary>
    internal static Device? From(Job job, EndOfWire here)
    {
        var at = here;
        for (var step = 0; step < MostSteps; step++)
        {
            if (at.Other.LandingId is not { } id)
            {
                return null;
            }

            var landing = job.Landings[id];
            if (landing.DeviceId is { } device && job.Devices[device].Type is not (DeviceType.Block or DeviceType.Plug))
            {
                return job.Devices[device];
            }

            var arrived = at.Wire.Id;
            var on = job.EndsAt(id)
                .Where(e =>
                    e.Wire.Id != arrived
                    && e.Wire.Function == here.Wire.Function
                    && e.Wire.CircuitId == here.Wire.CircuitId
                )
                .ToList();
            if (on.Count != 1)
            {
                return null;
            }

            at = on[0];
        }

        return null;
    }
}
