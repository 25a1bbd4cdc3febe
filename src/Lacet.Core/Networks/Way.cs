using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>The way from one landing to another: landings and the wires between them, in their order.</summary>
/// <param name="Stops">From the first to the last.</param>
public sealed record Way(IReadOnlyList<WayStop> Stops)
{
    /// <summary>In words, as it is walked: "QF1:2 – wire 12 – X1:4 – wire 15 – PE:3".</summary>
    public override string ToString() => string.Join(" – ", Stops.Select(s => s.Says));

    /// <summary>A way that begins at a landing.</summary>
    public static Way From(Job job, JobLanding landing) => new([At(job, landing)]);

    /// <summary>The same way, on through a wire and, where it is landed, to its far end.</summary>
    public Way On(Job job, JobWire wire, JobLanding? to) =>
        new([.. Stops, new($"wire {wire.Name}", null, wire.Id), .. to is null ? [] : new[] { At(job, to) }]);

    /// <summary>The same way, on to another landing inside a device.</summary>
    public Way Through(Job job, JobLanding to) => new([.. Stops, At(job, to)]);

    /// <summary>The same way, walked from its end.</summary>
    public Way Back() => new([.. Stops.Reverse()]);

    /// <summary>This way, and on along another that begins where it ends.</summary>
    public Way Then(Way next) => new([.. Stops, .. next.Stops.Skip(1)]);

    private static WayStop At(Job job, JobLanding landing) =>
        new($"{job.Enclosures[landing.EnclosureId].Name}/{landing.Name}", landing.Id, null);
}
