using Lacet.Core.Circuits;
using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// The ways of a circuit's hot wires from its breaker on. What belongs to one device is one point, since a device joins
/// its screws; a splice is a point of its own.
/// </summary>
internal sealed class CircuitPaths
{
    private readonly Dictionary<Guid, List<(Guid To, double? Ohms)>> _from = [];
    private readonly HashSet<Guid> _sources = [];

    internal CircuitPaths(Job job, Guid circuit)
    {
        foreach (var wire in job.WiresOf(circuit))
        {
            if (!wire.Function.IsHot() || Point(job, wire.A) is not { } a || Point(job, wire.B) is not { } b)
            {
                continue;
            }

            var ohms = wire is { Conductor: { } conductor, Length: { } length }
                ? VoltageDrop.Ohms(conductor, length)
                : null;
            Add(a, b, ohms);
            Add(b, a, ohms);
            Source(job, a);
            Source(job, b);
        }
    }

    internal bool HasSource => _sources.Count > 0;

    /// <summary>The point that an end lands on.</summary>
    internal static Guid? Point(Job job, JobEnd end) =>
        end.LandingId is { } landing
            ? job.Landings[landing].DeviceId is { } device
                ? device
                : landing
            : null;

    /// <summary>Whether a point can be reached from the breaker without going through another.</summary>
    internal bool Reaches(Guid point, Guid without)
    {
        var seen = new HashSet<Guid>(_sources) { without };
        var next = new Stack<Guid>(_sources);
        while (next.TryPop(out var at))
        {
            if (at == point)
            {
                return true;
            }

            foreach (var (to, _) in _from.GetValueOrDefault(at, []))
            {
                if (seen.Add(to))
                {
                    next.Push(to);
                }
            }
        }

        return false;
    }

    /// <summary>
    /// Resistance from the breaker to the farthest point, one way, Ω; null where nothing leads from a breaker. A wire
    /// of unknown resistance counts as none.
    /// </summary>
    internal double? FarthestOhms()
    {
        if (!HasSource)
        {
            return null;
        }

        var least = new Dictionary<Guid, double>();
        var queue = new PriorityQueue<Guid, double>(_sources.Select(s => (s, 0.0)));
        while (queue.TryDequeue(out var at, out var ohms))
        {
            if (!least.TryAdd(at, ohms))
            {
                continue;
            }

            foreach (var (to, more) in _from.GetValueOrDefault(at, []))
            {
                queue.Enqueue(to, ohms + (more ?? 0));
            }
        }

        return least.Values.Max();
    }

    private void Add(Guid from, Guid to, double? ohms)
    {
        if (!_from.TryGetValue(from, out var list))
        {
            _from[from] = list = [];
        }

        list.Add((to, ohms));
    }

    private void Source(Job job, Guid point)
    {
        if (job.Devices.TryGetValue(point, out var device) && device.Type == DeviceType.Breaker)
        {
            _sources.Add(point);
        }
    }
}
