using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>
/// The way from one landing to another: landings and the wires between them, in their order. A walk makes one for every
/// landing it comes to and hardly any is read, so a way holds only its last piece and the way before it, until its stops
/// are asked for.
/// </summary>
public sealed class Way
{
    private readonly Way? _before;
    private readonly JobWire? _wire;
    private readonly JobLanding? _to;
    private readonly string? _enclosure;
    private readonly bool _byBridge;
    private IReadOnlyList<WayStop>? _stops;

    private Way(Way? before, JobWire? wire, JobLanding? to, Job job, bool byBridge = false) =>
        (_before, _wire, _to, _enclosure, _byBridge) = (
            before,
            wire,
            to,
            to is null ? null : job.Enclosures[to.EnclosureId].Name,
            byBridge
        );

    private Way(IReadOnlyList<WayStop> stops) => _stops = stops;

    /// <summary>From the first to the last.</summary>
    public IReadOnlyList<WayStop> Stops => _stops ??= Collected();

    /// <summary>The wire by which it came to its last landing; null where that was inside a device, or it begins there.</summary>
    internal Guid? LastWireId => _wire?.Id;

    /// <summary>In words, as it is walked: "QF1:2 – wire 12 – X1:4 – wire 15 – PE:3".</summary>
    public override string ToString() => string.Join(" – ", Stops.Select(s => s.Says));

    /// <summary>A way that begins at a landing.</summary>
    public static Way From(Job job, JobLanding landing) => new(null, null, landing, job);

    /// <summary>The same way, on through a wire and, where it is landed, to its far end.</summary>
    public Way On(Job job, JobWire wire, JobLanding? to) => new(this, wire, to, job);

    /// <summary>The same way, on to another landing inside a device.</summary>
    public Way Through(Job job, JobLanding to) => new(this, null, to, job);

    /// <summary>The same way, on to another landing by a bridge.</summary>
    public Way Over(Job job, JobLanding to) => new(this, null, to, job, byBridge: true);

    /// <summary>The same way, walked from its end.</summary>
    public Way Back() => new([.. Stops.Reverse()]);

    /// <summary>This way, and on along another that begins where it ends.</summary>
    public Way Then(Way next) => new([.. Stops, .. next.Stops.Skip(1)]);

    private List<WayStop> Collected()
    {
        var stops = new List<WayStop>();
        var here = this;
        for (; here is { _stops: null }; here = here._before)
        {
            if (here._to is { } landing)
            {
                stops.Add(new($"{here._enclosure}/{landing.Name}", landing.Id, null));
            }

            if (here._wire is { } wire)
            {
                stops.Add(new($"wire {wire.Name}", null, wire.Id));
            }
            else if (here._byBridge)
            {
                stops.Add(new("bridge", null, null));
            }
        }

        stops.AddRange((here?._stops ?? []).Reverse());
        stops.Reverse();
        return stops;
    }
}
