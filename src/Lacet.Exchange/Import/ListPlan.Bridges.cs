using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <content>Bridges that a list names.</content>
public sealed partial class ListPlan
{
    private readonly HashSet<Guid> _bridgesNamed = [];

    /// <summary>
    /// A row joins its terminals to the bridge that sits in one of them already, or is a new one: lists write a bridge
    /// of five terminals as four rows.
    /// </summary>
    private RowEffect Bridge(ListRow row, ListedBridge listed)
    {
        var ids = listed.Ends.Select(e => Landing(e).Id).Distinct().ToList();
        var there = _bridges.Values.Where(b => b.Landings.Any(ids.Contains)).OrderBy(b => b.Order).ToList();
        if (there.Find(b => ids.TrueForAll(b.Landings.Contains)) is { } same)
        {
            _bridgesNamed.Add(same.Id);
            return new(row, _put.ContainsKey(same.Id) ? RowDoes.Add : RowDoes.Nothing, [], []);
        }

        var joined = there.FirstOrDefault(b => b.Form == listed.Form || _put.ContainsKey(b.Id));
        var bridge = joined is null
            ? new JobBridge(_newId(), ids) { Order = Next(EntityKind.Bridge), Form = listed.Form }
            : joined with
            {
                Landings = [.. joined.Landings, .. ids.Where(id => !joined.Landings.Contains(id))],
            };
        _bridges[bridge.Id] = bridge;
        _put[bridge.Id] = bridge;
        _bridgesNamed.Add(bridge.Id);
        return new(row, RowDoes.Add, [], []);
    }

    /// <summary>Bridges of the enclosures in the list that no row of it names.</summary>
    private IReadOnlyList<JobBridge> Unnamed() =>
        [
            .. _bridges
                .Values.Where(b =>
                    !_bridgesNamed.Contains(b.Id)
                    && _before.GetValueOrDefault(b.Landings[0]) is JobLanding landing
                    && _named.Contains(landing.EnclosureId)
                )
                .OrderBy(b => b.Order),
        ];
}
