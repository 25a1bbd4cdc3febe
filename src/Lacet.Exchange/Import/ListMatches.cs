using System.Globalization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>
/// Which wire of a job each row of a list is. By its number, where the list gives one; else by the two terminals that it
/// joins, whichever of them is written first. Where the list replaces what was there, a wire that lost its number to
/// another is told by its terminals, and one without a number whose other end was moved by the end that stayed.
/// </summary>
internal sealed class ListMatches
{
    private readonly Dictionary<string, JobWire> _byName = new(StringComparer.OrdinalIgnoreCase);
    private readonly ILookup<(Guid, Guid), JobWire> _byEnds;
    private readonly ILookup<Guid, JobWire> _byEnd;
    private readonly HashSet<string> _names;
    private readonly HashSet<Guid> _claimed = [];
    private readonly JobWire?[] _before;

    private ListMatches(IReadOnlyList<ListRow> rows, IReadOnlyList<JobWire> wires)
    {
        foreach (var wire in wires)
        {
            _byName.TryAdd(wire.Name, wire);
        }

        _byEnds = wires
            .Where(w => w is { A.LandingId: not null, B.LandingId: not null })
            .ToLookup(w => Pair(w.A.LandingId!.Value, w.B.LandingId!.Value));
        _byEnd = wires
            .SelectMany(w => new[] { w.A.LandingId, w.B.LandingId }.OfType<Guid>().Select(at => (At: at, Wire: w)))
            .ToLookup(e => e.At, e => e.Wire);
        _names = new(
            wires.Select(w => w.Name).Concat(rows.Where(r => r.Wire is { NameMadeOf: null }).Select(r => r.Wire!.Name)),
            StringComparer.OrdinalIgnoreCase
        );
        _before = new JobWire?[rows.Count];
    }

    /// <summary>
    /// Each row as it is to be planned, with the wire that it is: null for a new one. A row that writes a wire the other
    /// way round is turned.
    /// </summary>
    /// <param name="rows">The rows.</param>
    /// <param name="wires">The job's wires in their order, retired ones aside.</param>
    /// <param name="known">The landing that an end of a list is, where the job has it.</param>
    /// <param name="replaces">Whether the list says all that there is.</param>
    internal static IReadOnlyList<(ListedWire? Wire, JobWire? Before)> Of(
        IReadOnlyList<ListRow> rows,
        IReadOnlyList<JobWire> wires,
        Func<ListedEnd?, Guid?> known,
        bool replaces
    )
    {
        var matches = new ListMatches(rows, wires);
        var ends = rows.Select(r => (A: known(r.Wire?.From), B: known(r.Wire?.To))).ToList();
        matches.ByName(rows);
        matches.ByBothEnds(rows, ends, replaces);
        if (replaces)
        {
            matches.ByOneEnd(rows, ends);
        }

        return
        [
            .. rows.Select(
                (row, i) => (matches.Named(Turned(row.Wire, ends[i], matches._before[i]), i), matches._before[i])
            ),
        ];
    }

    private void ByName(IReadOnlyList<ListRow> rows)
    {
        for (var i = 0; i < rows.Count; i++)
        {
            // A number that the list has twice is twice a wire, and a finding; only the first is the one that was there.
            if (
                rows[i].Wire is { } wire
                && (wire.NameMadeOf is null || (wire.From ?? wire.To) is null)
                && _byName.TryGetValue(wire.Name, out var same)
            )
            {
                Claim(i, same);
            }
        }
    }

    private void ByBothEnds(IReadOnlyList<ListRow> rows, List<(Guid? A, Guid? B)> ends, bool replaces)
    {
        for (var i = 0; i < rows.Count; i++)
        {
            if (
                _before[i] is null
                && rows[i].Wire is { } wire
                && (replaces || wire.NameMadeOf is not null)
                && ends[i] is ({ } a, { } b)
                && Best(_byEnds[Pair(a, b)], wire) is { } same
            )
            {
                Claim(i, same);
            }
        }
    }

    /// <summary>
    /// One end stayed, and nothing else of the wire is otherwise. Where several could be it, none is taken for it.
    /// </summary>
    private void ByOneEnd(IReadOnlyList<ListRow> rows, List<(Guid? A, Guid? B)> ends)
    {
        var moved = new List<(int Row, JobWire Wire)>();
        for (var i = 0; i < rows.Count; i++)
        {
            if (_before[i] is null && rows[i].Wire is { NameMadeOf: not null } wire)
            {
                var could = new[] { ends[i].A, ends[i].B }
                    .OfType<Guid>()
                    .SelectMany(at => _byEnd[at])
                    .Where(w => !_claimed.Contains(w.Id) && IsAlike(w, wire))
                    .Distinct()
                    .Take(2)
                    .ToList();
                if (could.Count == 1)
                {
                    moved.Add((i, could[0]));
                }
            }
        }

        foreach (var one in moved.GroupBy(m => m.Wire.Id).Where(g => g.Count() == 1).Select(g => g.Single()))
        {
            Claim(one.Row, one.Wire);
        }
    }

    private void Claim(int row, JobWire wire)
    {
        if (_claimed.Add(wire.Id))
        {
            _before[row] = wire;
        }
    }

    private JobWire? Best(IEnumerable<JobWire> between, ListedWire wire) =>
        between
            .Where(w => !_claimed.Contains(w.Id))
            .OrderBy(w =>
                string.Equals(w.Name, wire.Name, StringComparison.OrdinalIgnoreCase) ? 0
                : IsAlike(w, wire) ? 1
                : 2
            )
            .FirstOrDefault();

    private static bool IsAlike(JobWire wire, ListedWire listed) =>
        (listed.Conductor is null || listed.Conductor.Size == wire.Conductor?.Size)
        && (listed.Colour is null || listed.Colour == wire.Colour)
        && (
            listed.NameMadeOf is null or ""
            || wire.Name.StartsWith(listed.NameMadeOf + ".", StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>What is the same wire the other way round is no change.</summary>
    private static ListedWire? Turned(ListedWire? wire, (Guid? A, Guid? B) ends, JobWire? before) =>
        wire is not null
        && before is { A.LandingId: var a, B.LandingId: var b }
        && a != b
        && ((ends.A is not null && ends.A == b && ends.B != b) || (ends.B is not null && ends.B == a && ends.A != a))
            ? wire with
            {
                From = wire.To,
                To = wire.From,
            }
            : wire;

    /// <summary>A name that was made up gives way to the one that the wire has, or to those that are taken.</summary>
    private ListedWire? Named(ListedWire? wire, int row)
    {
        if (wire?.NameMadeOf is not { } of)
        {
            return wire;
        }

        if (_before[row] is { } before)
        {
            return wire with { Name = before.Name };
        }

        var (stem, next) = of.Length == 0 ? ("W", wire.Row) : (of + ".", 1);
        var name = wire.Name;
        while (!_names.Add(name))
        {
            name = string.Create(CultureInfo.InvariantCulture, $"{stem}{next++}");
        }

        return wire with
        {
            Name = name,
        };
    }

    private static (Guid, Guid) Pair(Guid one, Guid other) => one.CompareTo(other) <= 0 ? (one, other) : (other, one);
}
