using Lacet.Core.Conductors;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <content>Cables that a list names, and what its rows say of them.</content>
public sealed partial class ListPlan
{
    private readonly Dictionary<string, JobCable> _cables;
    private readonly HashSet<Guid> _cablesRead = [];

    /// <summary>Cables that are taken out: every wire of them is.</summary>
    public IReadOnlyList<JobCable> RemovedCables { get; private set; } = [];

    /// <summary>How many cables are new.</summary>
    public int Cables => Put.OfType<JobCable>().Count(c => !_before.ContainsKey(c.Id));

    /// <summary>
    /// What a row says of run and cable, by what the job calls a cable: a wire stays in the raceway that it was in, though
    /// a list calls that a cable, and a name of one of the job’s cables is that cable.
    /// </summary>
    private (JobCable? Cable, string? Run, RowChange? Change) Running(ListedWire listed, JobWire? before)
    {
        if (
            listed.Cable is { } named
            && before is { CableId: null, Run: { } was }
            && string.Equals(was, named, StringComparison.OrdinalIgnoreCase)
        )
        {
            return (null, was, null);
        }

        // A row that only counts its conductors leaves its wire in the cable that it is in.
        if (
            string.Equals(listed.Cable, listed.Name, StringComparison.OrdinalIgnoreCase)
            && before?.CableId is { } id
            && _cables.Values.FirstOrDefault(c => c.Id == id) is { } same
        )
        {
            listed = listed with { Cable = same.Name };
        }

        if ((listed.Cable ?? (listed.Run is { } run && _cables.ContainsKey(run) ? run : null)) is not { } name)
        {
            return (null, listed.Run, null);
        }

        var there = _cables.GetValueOrDefault(name);
        var cable = there ?? new JobCable(_newId(), name) { Order = Next(EntityKind.Cable) };
        // Rows of one cable say the same of it; where they don't, the first that says something speaks.
        if (listed.Make is { } make && _cablesRead.Add(cable.Id))
        {
            var earth = CableCores.EarthOf(make);
            cable = cable with
            {
                Conductor =
                    listed.Conductor is null || Keep(cable.Conductor, listed.Conductor, isTyped: false)
                        ? cable.Conductor
                        : listed.Conductor,
                Count = make.Count ?? cable.Count,
                Earth = earth == EarthInCable.NotSaid ? cable.Earth : earth,
                Shielded = make.Shielded || cable.Shielded,
            };
        }

        Keep(_cables, name, cable);
        return (
            cable,
            listed.Cable is null ? null : listed.Run,
            there is not null && there != cable ? new(there.Make, cable.Make) : null
        );
    }

    private List<JobCable> Emptied(IReadOnlyList<JobWire> removed)
    {
        var gone = removed.Select(w => w.Id).ToHashSet();
        var held = _before
            .Values.OfType<JobWire>()
            .Where(w => !w.Retired && !gone.Contains(w.Id) && !_put.ContainsKey(w.Id))
            .Concat(_put.Values.OfType<JobWire>())
            .Select(w => w.CableId)
            .ToHashSet();
        return
        [
            .. removed
                .Select(w => w.CableId)
                .OfType<Guid>()
                .Distinct()
                .Where(id => !held.Contains(id) && !_put.ContainsKey(id))
                .Select(id => _before.GetValueOrDefault(id))
                .OfType<JobCable>(),
        ];
    }

    /// <summary>What a cable was called, and is.</summary>
    private sealed record RowChange(string Before, string After);
}
