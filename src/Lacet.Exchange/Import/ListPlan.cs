using System.Globalization;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>
/// What a wire list would do to a job: parts that are new, changed, taken out; everything else is left as it is.
/// </summary>
public sealed partial class ListPlan
{
    private readonly Dictionary<string, Enclosure> _enclosures;
    private readonly Dictionary<(Guid Enclosure, string Name), Device> _devices;
    private readonly Dictionary<(Guid Enclosure, string Name), JobLanding> _landings;
    private readonly Dictionary<string, Circuit> _circuits;
    private readonly Dictionary<Guid, JobBridge> _bridges;
    private readonly Dictionary<Guid, JobPart> _before;
    private readonly Dictionary<Guid, JobPart> _put = [];
    private readonly Dictionary<EntityKind, int> _orders = [];
    private readonly HashSet<Guid> _named = [];
    private readonly ListPlanOptions _options;
    private readonly Func<Guid> _newId;

    private ListPlan(IReadOnlyCollection<JobPart> job, ListPlanOptions options, Func<Guid> newId)
    {
        (_options, _newId) = (options, newId);
        _before = job.ToDictionary(p => p.Id);
        _enclosures = job.OfType<Enclosure>().ToDictionary(e => e.Name, StringComparer.OrdinalIgnoreCase);
        _devices = job.OfType<Device>().ToDictionary(d => (d.EnclosureId, d.Name.ToUpperInvariant()));
        _landings = job.OfType<JobLanding>().ToDictionary(l => (l.EnclosureId, l.Name.ToUpperInvariant()));
        _circuits = job.OfType<Circuit>().ToDictionary(c => c.Name, StringComparer.OrdinalIgnoreCase);
        _cables = job.OfType<JobCable>().ToDictionary(c => c.Name, StringComparer.OrdinalIgnoreCase);
        _bridges = job.OfType<JobBridge>().ToDictionary(b => b.Id);
        foreach (var group in job.GroupBy(p => p.Kind))
        {
            _orders[group.Key] = group.Max(p => p.Order);
        }
    }

    /// <summary>Parts that are put in, new or changed, in an order in which each finds what it names.</summary>
    public IReadOnlyList<JobPart> Put { get; private set; } = [];

    /// <summary>Wires that are taken out.</summary>
    public IReadOnlyList<JobWire> Removed { get; private set; } = [];

    /// <summary>Bridges that are taken out: a list that names any names all.</summary>
    public IReadOnlyList<JobBridge> RemovedBridges { get; private set; } = [];

    /// <summary>What each row does, by row.</summary>
    public IReadOnlyList<RowEffect> Effects { get; private set; } = [];

    /// <summary>How many wires are so; of what is wrong, how many rows.</summary>
    public int Count(RowDoes does) => Effects.Count(e => e.Does == does && e.Row.Bridge is null);

    /// <summary>How many bridges are new, or longer than they were.</summary>
    public int Bridges => Put.OfType<JobBridge>().Count();

    /// <summary>Plans a list. Rows that are wrong take no part. <paramref name="newId"/> makes ids.</summary>
    public static ListPlan Of(
        IReadOnlyCollection<JobPart> job,
        WireList list,
        ListPlanOptions options,
        Func<Guid> newId
    )
    {
        if (options.Enclosure.Trim().Length is 0 or > 200)
        {
            throw new ImpossibleInputException(
                "enclosure",
                "Name the enclosure of ends that name none, in 1 to 200 characters."
            );
        }

        var plan = new ListPlan(job, options, newId);
        var effects = new List<RowEffect>();
        var wires = job.OfType<JobWire>().Where(w => !w.Retired).OrderBy(w => w.Order).ToList();
        var matched = ListMatches.Of(list.Rows, wires, plan.Known, options.Replaces);
        var breakers = new Dictionary<string, (double Amps, int Row)>(StringComparer.OrdinalIgnoreCase);
        foreach (var (row, (listed, before)) in list.Rows.Zip(matched))
        {
            var problems = row.Problems.ToList();
            if (
                row.Wire is { Circuit: { } circuit, BreakerAmps: { } amps }
                && !breakers.TryAdd(circuit, (amps, row.Row))
                && breakers[circuit] is var first
                && first.Amps != amps
            )
            {
                problems.Add(
                    new(
                        ColumnMeaning.Breaker,
                        string.Create(
                            CultureInfo.InvariantCulture,
                            $"Circuit {circuit} has {first.Amps} A in row {first.Row} and {amps} A here: one circuit has one breaker."
                        )
                    )
                );
            }

            effects.Add(
                row.Bridge is { } bridge ? plan.Bridge(row, bridge)
                : listed is { } wire && problems.Count == 0 ? plan.Wire(row, wire, before)
                : new(row, RowDoes.Wrong, [], problems)
            );
        }

        var there = matched.Select(m => m.Before?.Id).ToHashSet();
        // What a row names that is wrong is in the list all the same.
        var named = list
            .Rows.Where(r => r.Wire is null)
            .Select(r => r.Cells.GetValueOrDefault(ColumnMeaning.Wire))
            .ToHashSet(StringComparer.OrdinalIgnoreCase);
        return plan.Finished(
            effects,
            !options.Replaces
                ? []
                : [.. wires.Where(w => !there.Contains(w.Id) && !named.Contains(w.Name) && plan.IsInNamed(w))]
        );
    }

    /// <summary>
    /// Plans rows that somebody typed: each changes the wire that it stands for, or adds one. What was emptied is
    /// emptied.
    /// </summary>
    public static ListPlan Typed(
        IReadOnlyCollection<JobPart> job,
        IReadOnlyList<TypedRow> rows,
        ListPlanOptions options,
        Func<Guid> newId
    )
    {
        var plan = new ListPlan(job, options, newId);
        return plan.Finished([.. rows.Select(r => plan.Wire(r.Row, r.Row.Wire!, r.Before, r.Emptied))], []);
    }

    private ListPlan Finished(IReadOnlyList<RowEffect> effects, IReadOnlyList<JobWire> removed)
    {
        Removed = removed;
        RemovedCables = Emptied(removed);
        RemovedBridges = effects.Any(e => e.Row.Bridge is not null) && _options.Replaces ? Unnamed() : [];
        Revise();
        StandInOrder();
        Effects = effects;
        Put = [.. _put.Values.OrderBy(p => p is JobWire or JobBridge).ThenBy(p => p.Kind).ThenBy(p => p.Order)];
        return this;
    }

    private RowEffect Wire(ListRow row, ListedWire listed, JobWire? before, IReadOnlySet<ColumnMeaning>? emptied = null)
    {
        var circuit = listed.Circuit is null ? null : Circuit(listed);
        var (cable, run, change) = Running(listed, before);
        var wire = before
            ?? new JobWire(_newId(), listed.Name, new(_newId()), new(_newId())) { Order = Next(EntityKind.Wire) };
        wire = wire with
        {
            Name = listed.Name,
            Conductor = Keep(before?.Conductor, listed.Conductor, isTyped: emptied is not null)
                ? before!.Conductor
                : listed.Conductor ?? wire.Conductor,
            Colour = listed.Colour ?? wire.Colour,
            Function = listed.Function ?? wire.Function,
            CircuitId = circuit?.Id ?? wire.CircuitId,
            Length = IsSame(before?.Length, listed.Length) ? wire.Length : listed.Length ?? wire.Length,
            CableId = cable?.Id ?? (run is null ? wire.CableId : null),
            Run = run ?? wire.Run,
            A = End(wire.A, listed, listed.From),
            B = End(wire.B, listed, listed.To),
        };
        foreach (var column in emptied ?? (IReadOnlySet<ColumnMeaning>)new HashSet<ColumnMeaning>())
        {
            wire = Emptied(wire, column);
        }

        List<ListChange> changes = before is null ? [] : Changes(before, wire);
        if (change is not null)
        {
            changes.Add(new(ColumnMeaning.Conductor, change.Before, change.After));
        }

        if (before is not null && wire == before)
        {
            return new(row, change is null ? RowDoes.Nothing : RowDoes.Change, changes, []);
        }

        _put[wire.Id] = wire;
        return new(row, before is null ? RowDoes.Add : RowDoes.Change, changes, []);
    }

    private static JobWire Emptied(JobWire wire, ColumnMeaning column) =>
        column switch
        {
            ColumnMeaning.From => wire with { A = wire.A with { LandingId = null } },
            ColumnMeaning.To => wire with { B = wire.B with { LandingId = null } },
            ColumnMeaning.Size => wire with { Conductor = null },
            ColumnMeaning.Colour => wire with { Colour = null },
            ColumnMeaning.Function => wire with { Function = WireFunction.Unknown },
            ColumnMeaning.Circuit => wire with { CircuitId = null },
            ColumnMeaning.Length => wire with { Length = null },
            ColumnMeaning.Run => wire with { Run = null, CableId = null },
            ColumnMeaning.Cable => wire with { CableId = null },
            _ => wire,
        };

    /// <summary>
    /// An insulation that somebody measured stays with a wire whose size stays; so do its letters, where a list has
    /// none. Who types a type says all of it.
    /// </summary>
    private static bool Keep(Conductor? before, Conductor? listed, bool isTyped) =>
        before is not null
        && listed is { InsulationIsGiven: false }
        && (before.Size, before.Build, before.Material) == (listed.Size, listed.Build, listed.Material)
        && (Equals(before.Designation, listed.Designation) || (listed.Designation is null && !isTyped));

    /// <summary>Whether two lengths are the same to the half millimetre: feet with four places are no finer.</summary>
    private static bool IsSame(Length? before, Length? listed) =>
        before is { } was && listed is { } now && Math.Abs(was.Millimetres - now.Millimetres) < 0.5;

    private JobEnd End(JobEnd end, ListedWire wire, ListedEnd? at) =>
        end with
        {
            LandingId = at is null ? end.LandingId : Landing(at).Id,
            Ferrule = wire.Ferrule ?? (wire.SaidBare ? null : end.Ferrule),
            SaidBare = wire.SaidBare || (end.SaidBare && wire.Ferrule is null),
        };

    private bool IsInNamed(JobWire wire) =>
        new[] { wire.A, wire.B }.Any(e =>
            e.LandingId is { } id
            && _before.TryGetValue(id, out var part)
            && part is JobLanding landing
            && _named.Contains(landing.EnclosureId)
        );

    private void Keep<TKey, TPart>(Dictionary<TKey, TPart> parts, TKey key, TPart part)
        where TKey : notnull
        where TPart : JobPart
    {
        parts[key] = part;
        if (!_before.TryGetValue(part.Id, out var before) || !part.Equals(before))
        {
            _put[part.Id] = part;
        }
    }

    private int Next(EntityKind kind) => _orders[kind] = _orders.GetValueOrDefault(kind) + 1;

    private List<ListChange> Changes(JobWire before, JobWire after)
    {
        var changes = new List<ListChange>();
        void Compare(ColumnMeaning column, string? was, string? now)
        {
            if (!string.Equals(was, now, StringComparison.Ordinal))
            {
                changes.Add(new(column, was ?? "", now ?? ""));
            }
        }

        string? Place(JobEnd end) =>
            end.LandingId is not { } id ? null
            : (_put.GetValueOrDefault(id) ?? _before.GetValueOrDefault(id)) is JobLanding landing ? landing.Name
            : null;
        string? Metres(Length? length) =>
            length is { } given ? FormattableString.Invariant($"{given.Millimetres / 1000:0.###} m") : null;
        Compare(ColumnMeaning.Wire, before.Name, after.Name);
        Compare(ColumnMeaning.From, Place(before.A), Place(after.A));
        Compare(ColumnMeaning.To, Place(before.B), Place(after.B));
        Compare(ColumnMeaning.Size, before.Conductor?.ToString(), after.Conductor?.ToString());
        Compare(ColumnMeaning.Colour, before.Colour?.ToString(), after.Colour?.ToString());
        Compare(ColumnMeaning.Function, before.Function.Say(), after.Function.Say());
        Compare(ColumnMeaning.Circuit, Name(before.CircuitId), Name(after.CircuitId));
        Compare(ColumnMeaning.Length, Metres(before.Length), Metres(after.Length));
        Compare(ColumnMeaning.Cable, CableOf(before), CableOf(after));
        Compare(ColumnMeaning.Run, before.Run, after.Run);
        Compare(ColumnMeaning.Ferrule, Say(before.A), Say(after.A));
        return changes;

        string? CableOf(JobWire wire) =>
            wire.CableId is { } id && (_put.GetValueOrDefault(id) ?? _before.GetValueOrDefault(id)) is JobCable cable
                ? cable.Name
                : null;
        string? Name(Guid? circuit) =>
            circuit is { } id && (_put.GetValueOrDefault(id) ?? _before.GetValueOrDefault(id)) is Circuit of
                ? of.Name
                : null;
        static string? Say(JobEnd end) =>
            end.SaidBare ? "none"
            : end.Ferrule?.SizeMm2 is { } size ? FormattableString.Invariant($"{size} mm²")
            : null;
    }
}
