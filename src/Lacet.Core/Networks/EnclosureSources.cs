using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What can make an enclosure live: each is opened, locked and proved dead before a hand goes in.</summary>
/// <param name="Breakers">Breakers that feed something in it, each with the way to the first landing.</param>
/// <param name="Unfed">
/// Breakers in it whose feed side has no wire in this job: that side stays live, whatever of the job is opened.
/// </param>
/// <param name="Out">Wires by which what is hot here goes on out of the job: something may come from there.</param>
public sealed record EnclosureSources(
    IReadOnlyList<(Device Breaker, Way Way)> Breakers,
    IReadOnlyList<Device> Unfed,
    IReadOnlyList<JobWire> Out
)
{
    /// <summary>The sources of an enclosure.</summary>
    public static EnclosureSources Of(Job job, Guid enclosure)
    {
        var hot = job.LandingsIn(enclosure)
            .Where(l =>
                job.EndsAt(l.Id)
                    .Any(e =>
                        !e.Wire.Retired
                        && (e.Wire.Function.IsHot() || Potentials.Of(e.Wire.Function)?.IsControl() is true)
                    )
            )
            .ToList();
        return new(
            [
                .. hot.SelectMany(l => Feeders.Of(job, l))
                    .DistinctBy(f => f.Breaker.Id)
                    .OrderBy(f => f.Breaker.Order)
                    .Select(f => (f.Breaker, f.Way.Back())),
            ],
            [
                .. job.DevicesIn(enclosure)
                    .Where(d => d.Type == DeviceType.Breaker && !HasFeed(job, d))
                    .OrderBy(d => d.Order),
            ],
            [
                .. hot.SelectMany(l => new NetworkWalk(job, throughContacts: true).From(l))
                    .Where(r => r.Landing is null)
                    .Select(r => job.Wires[r.Way.LastWireId!.Value])
                    .DistinctBy(w => w.Id)
                    .OrderBy(w => w.Order),
            ]
        );
    }

    private static bool HasFeed(Job job, Device breaker) =>
        job.LandingsOf(breaker.Id).Any(l => l.Side == DeviceSide.Line && job.IsConnected(l));
}
