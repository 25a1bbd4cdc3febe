using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What is on each breaker of an enclosure: the directory that hangs in a panel’s door (NEC 408.4, from memory).</summary>
/// <param name="Breakers">In their order.</param>
public sealed record PanelDirectory(IReadOnlyList<DirectoryLine> Breakers)
{
    /// <summary>The directory of an enclosure; one without breakers has an empty one.</summary>
    public static PanelDirectory Of(Job job, Guid enclosure) =>
        new([
            .. job.DevicesIn(enclosure)
                .Where(d => d.Type == DeviceType.Breaker)
                .OrderBy(d => d.Order)
                .ThenBy(d => d.Id)
                .Select(d => Line(job, d)),
        ]);

    private static DirectoryLine Line(Job job, Device breaker)
    {
        var behind = job.LandingsOf(breaker.Id)
            .Where(l => l.Side != DeviceSide.Line && !l.Identity.IsEarth() && !l.Identity.IsNeutral())
            .ToList();
        var reached = behind.SelectMany(l => new NetworkWalk(job, throughContacts: true).From(l)).ToList();
        return new(
            breaker,
            [
                .. behind
                    .SelectMany(l => job.EndsAt(l.Id))
                    .Select(e => e.Wire.CircuitId)
                    .OfType<Guid>()
                    .Distinct()
                    .Select(id => job.Circuits[id])
                    .OrderBy(c => c.Order)
                    .ThenBy(c => c.Id),
            ],
            Fed(job, breaker, reached),
            reached.Exists(r => r.Landing is null)
        );
    }

    /// <summary>What it feeds; where it comes no further than to blocks, these.</summary>
    private static List<Device> Fed(Job job, Device breaker, List<Reached> reached)
    {
        var all = reached
            .Select(r => r.Landing?.DeviceId)
            .OfType<Guid>()
            .Distinct()
            .Select(id => job.Devices[id])
            .Where(d => d.Id != breaker.Id)
            .OrderBy(d => job.Enclosures[d.EnclosureId].Order)
            .ThenBy(d => d.Order)
            .ThenBy(d => d.Id)
            .ToList();
        return all.Exists(IsFed) ? all.FindAll(IsFed) : all.FindAll(d => d.Type == DeviceType.Block);
    }

    /// <summary>What a directory names: what uses current or gives it on, and what it is plugged into.</summary>
    private static bool IsFed(Device device) =>
        device.IsReceptacle || device.Type.UsesCurrent() || device.Type is DeviceType.Plug or DeviceType.Breaker;
}
