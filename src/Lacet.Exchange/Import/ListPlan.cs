using System.Globalization;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>
/// What a wire list would do to a job: parts that are new, changed, taken out; everything else is left as it is.
/// </summary>
public sealed class ListPlan
{
    private readonly Dictionary<string, EnclosureDocument> _enclosures;
    private readonly Dictionary<(Guid Enclosure, string Name), DeviceDocument> _devices;
    private readonly Dictionary<(Guid Enclosure, string Name), JobLandingDocument> _landings;
    private readonly Dictionary<string, CircuitDocument> _circuits;
    private readonly Dictionary<string, WireDocument> _wires = new(StringComparer.OrdinalIgnoreCase);
    private readonly Dictionary<Guid, JobPartDocument> _before;
    private readonly Dictionary<Guid, JobPartDocument> _put = [];
    private readonly Dictionary<EntityKind, int> _orders = [];
    private readonly HashSet<Guid> _named = [];
    private readonly ListPlanOptions _options;
    private readonly Func<Guid> _newId;

    private ListPlan(IReadOnlyCollection<JobPartDocument> job, ListPlanOptions options, Func<Guid> newId)
    {
        (_options, _newId) = (options, newId);
        _before = job.ToDictionary(p => p.Id);
        _enclosures = job.OfType<EnclosureDocument>().ToDictionary(e => e.Name, StringComparer.OrdinalIgnoreCase);
        _devices = job.OfType<DeviceDocument>().ToDictionary(d => (d.EnclosureId, d.Name.ToUpperInvariant()));
        _landings = job.OfType<JobLandingDocument>().ToDictionary(l => (l.EnclosureId, l.Name.ToUpperInvariant()));
        _circuits = job.OfType<CircuitDocument>().ToDictionary(c => c.Name, StringComparer.OrdinalIgnoreCase);
        foreach (var wire in job.OfType<WireDocument>().Where(w => !w.Retired).OrderBy(w => w.Order))
        {
            _wires.TryAdd(wire.Name, wire);
        }

        foreach (var group in job.GroupBy(p => p.Kind))
        {
            _orders[group.Key] = group.Max(p => p.Order);
        }
    }

    /// <summary>Parts that are put in, new or changed, in an order in which each finds what it names.</summary>
    public IReadOnlyList<JobPartDocument> Put { get; private set; } = [];

    /// <summary>Wires that are taken out.</summary>
    public IReadOnlyList<WireDocument> Removed { get; private set; } = [];

    /// <summary>What each row does, by row.</summary>
    public IReadOnlyList<RowEffect> Effects { get; private set; } = [];

    /// <summary>How many rows do so.</summary>
    public int Count(RowDoes does) => Effects.Count(e => e.Does == does);

    /// <summary>Plans a list. Rows that are wrong take no part. <paramref name="newId"/> makes ids.</summary>
    public static ListPlan Of(
        IReadOnlyCollection<JobPartDocument> job,
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
        var seen = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var breakers = new Dictionary<string, (double Amps, int Row)>(StringComparer.OrdinalIgnoreCase);
        foreach (var row in list.Rows)
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
                row.Wire is { } wire && problems.Count == 0
                    // A name that the list has twice is twice a wire, and a finding; only the first is the one that was
                    // there.
                    ? plan.Wire(row, wire, seen.Add(wire.Name) ? plan._wires.GetValueOrDefault(wire.Name) : null)
                    : new(row, RowDoes.Wrong, [], problems)
            );
        }

        return plan.Finished(
            effects,
            !options.Replaces
                ? []
                :
                [
                    .. plan
                        ._wires.Values.Where(w =>
                            plan._before.ContainsKey(w.Id) && !seen.Contains(w.Name) && plan.IsInNamed(w)
                        )
                        .OrderBy(w => w.Order),
                ]
        );
    }

    /// <summary>
    /// Plans rows that somebody typed: each changes the wire that it stands for, or adds one. What was emptied is
    /// emptied.
    /// </summary>
    public static ListPlan Typed(
        IReadOnlyCollection<JobPartDocument> job,
        IReadOnlyList<TypedRow> rows,
        ListPlanOptions options,
        Func<Guid> newId
    )
    {
        var plan = new ListPlan(job, options, newId);
        return plan.Finished([.. rows.Select(r => plan.Wire(r.Row, r.Row.Wire!, r.Before, r.Emptied))], []);
    }

    private ListPlan Finished(IReadOnlyList<RowEffect> effects, IReadOnlyList<WireDocument> removed)
    {
        Removed = removed;
        Revise();
        Effects = effects;
        Put = [.. _put.Values.OrderBy(p => p.Kind).ThenBy(p => p.Order)];
        return this;
    }

    private RowEffect Wire(
        ListRow row,
        ListedWire listed,
        WireDocument? before,
        IReadOnlySet<ColumnMeaning>? emptied = null
    )
    {
        var circuit = listed.Circuit is null ? null : Circuit(listed);
        var wire = before
            ?? new WireDocument
            {
                Id = _newId(),
                Order = Next(EntityKind.Wire),
                Name = listed.Name,
                A = new EndDocument { Id = _newId() },
                B = new EndDocument { Id = _newId() },
            };
        wire = wire with
        {
            Name = listed.Name,
            Conductor = Keep(before?.Conductor, listed.Conductor)
                ? before!.Conductor
                : listed.Conductor ?? wire.Conductor,
            Colour = listed.Colour ?? wire.Colour,
            Function = listed.Function ?? wire.Function,
            CircuitId = circuit?.Id ?? wire.CircuitId,
            LengthMm = listed.LengthMm ?? wire.LengthMm,
            Run = listed.Run ?? wire.Run,
            A = End(wire.A, listed, listed.From),
            B = End(wire.B, listed, listed.To),
        };
        foreach (var column in emptied ?? (IReadOnlySet<ColumnMeaning>)new HashSet<ColumnMeaning>())
        {
            wire = Emptied(wire, column);
        }

        if (before is not null && wire == before)
        {
            return new(row, RowDoes.Nothing, [], []);
        }

        _put[wire.Id] = wire;
        return new(row, before is null ? RowDoes.Add : RowDoes.Change, before is null ? [] : Changes(before, wire), []);
    }

    private static WireDocument Emptied(WireDocument wire, ColumnMeaning column) =>
        column switch
        {
            ColumnMeaning.From => wire with { A = wire.A with { LandingId = null } },
            ColumnMeaning.To => wire with { B = wire.B with { LandingId = null } },
            ColumnMeaning.Size => wire with { Conductor = null },
            ColumnMeaning.Colour => wire with { Colour = null },
            ColumnMeaning.Function => wire with { Function = WireFunction.Unknown },
            ColumnMeaning.Circuit => wire with { CircuitId = null },
            ColumnMeaning.Length => wire with { LengthMm = null },
            ColumnMeaning.Run => wire with { Run = null },
            _ => wire,
        };

    /// <summary>An insulation that somebody measured stays with a wire whose size stays.</summary>
    private static bool Keep(Documents.ConductorDocument? before, Documents.ConductorDocument? listed) =>
        before is not null && listed is not null && before with { InsulationOuterDiameterMm = null } == listed;

    private EndDocument End(EndDocument end, ListedWire wire, ListedEnd? at) =>
        end with
        {
            LandingId = at is null ? end.LandingId : Landing(at).Id,
            Ferrule = wire.Ferrule ?? (wire.SaidBare ? null : end.Ferrule),
            SaidBare = wire.SaidBare || (end.SaidBare && wire.Ferrule is null),
        };

    private JobLandingDocument Landing(ListedEnd at)
    {
        var enclosure = Enclosure(at.Enclosure ?? _options.Enclosure.Trim());
        _named.Add(enclosure.Id);
        var device = at.Device is { } name ? Device(enclosure.Id, name, at) : null;
        var key = (enclosure.Id, at.Name.ToUpperInvariant());
        var there = _landings.GetValueOrDefault(key);
        var landing = (
            there
            ?? new JobLandingDocument
            {
                Id = _newId(),
                Order = Next(EntityKind.Landing),
                EnclosureId = enclosure.Id,
                DeviceId = device?.Id,
                Name = at.Name,
            }
        ) with
        {
            // What is known of a landing is not overwritten by what a list happens to call it.
            Landing = there?.Landing ?? (there?.Splice is null ? at.Landing : null),
            Splice = there?.Splice ?? (there?.Landing is null ? at.Splice : null),
        };
        landing = landing with
        {
            Identity = landing.Identity == TerminalIdentity.None ? at.Identity : landing.Identity,
            Side = landing.Side == DeviceSide.None ? at.Side : landing.Side,
            Half = landing.Half == DeviceHalf.None ? at.Half : landing.Half,
        };
        Keep(_landings, key, landing);
        return landing;
    }

    private DeviceDocument Device(Guid enclosure, string name, ListedEnd at)
    {
        var key = (enclosure, name.ToUpperInvariant());
        var device = _devices.GetValueOrDefault(key)
            ?? new DeviceDocument
            {
                Id = _newId(),
                Order = Next(EntityKind.Device),
                EnclosureId = enclosure,
                Name = name,
            };
        device = device with
        {
            Type = device.Type == DeviceType.Block ? at.Type ?? DeviceType.Block : device.Type,
            RatingAmps = device.RatingAmps ?? at.RatingAmps,
            Outlets = device.Outlets ?? at.Outlets,
        };
        Keep(_devices, key, device);
        return device;
    }

    private EnclosureDocument Enclosure(string name)
    {
        if (!_enclosures.TryGetValue(name, out var enclosure))
        {
            enclosure = new EnclosureDocument
            {
                Id = _newId(),
                Order = Next(EntityKind.Enclosure),
                Name = name,
            };
        }

        Keep(_enclosures, name, enclosure);
        return enclosure;
    }

    private CircuitDocument Circuit(ListedWire wire)
    {
        var name = wire.Circuit!;
        var circuit = _circuits.GetValueOrDefault(name)
            ?? new CircuitDocument
            {
                Id = _newId(),
                Order = Next(EntityKind.Circuit),
                Name = name,
            };
        circuit = circuit with
        {
            OcpdAmps = wire.BreakerAmps ?? circuit.OcpdAmps,
            Volts = wire.Volts ?? circuit.Volts,
            LoadAmps = wire.LoadAmps ?? circuit.LoadAmps,
        };
        Keep(_circuits, name, circuit);
        return circuit;
    }

    /// <summary>The revision of a drawing is that of every enclosure in the list.</summary>
    private void Revise()
    {
        foreach (var enclosure in _enclosures.Values.Where(e => _named.Contains(e.Id)).ToList())
        {
            Keep(
                _enclosures,
                enclosure.Name,
                enclosure with
                {
                    Drawing = string.IsNullOrWhiteSpace(_options.Drawing) ? enclosure.Drawing : _options.Drawing.Trim(),
                    Revision = string.IsNullOrWhiteSpace(_options.Revision)
                        ? enclosure.Revision
                        : _options.Revision.Trim(),
                }
            );
        }
    }

    private bool IsInNamed(WireDocument wire) =>
        new[] { wire.A, wire.B }.Any(e =>
            e.LandingId is { } id
            && _before.TryGetValue(id, out var part)
            && part is JobLandingDocument landing
            && _named.Contains(landing.EnclosureId)
        );

    private void Keep<TKey, TPart>(Dictionary<TKey, TPart> parts, TKey key, TPart part)
        where TKey : notnull
        where TPart : JobPartDocument
    {
        parts[key] = part;
        if (!_before.TryGetValue(part.Id, out var before) || !part.Equals(before))
        {
            _put[part.Id] = part;
        }
    }

    private int Next(EntityKind kind) => _orders[kind] = _orders.GetValueOrDefault(kind) + 1;

    private List<ListChange> Changes(WireDocument before, WireDocument after)
    {
        var changes = new List<ListChange>();
        void Compare(ColumnMeaning column, string? was, string? now)
        {
            if (!string.Equals(was, now, StringComparison.Ordinal))
            {
                changes.Add(new(column, was ?? "", now ?? ""));
            }
        }

        string? Place(EndDocument end) =>
            end.LandingId is not { } id ? null
            : (_put.GetValueOrDefault(id) ?? _before.GetValueOrDefault(id)) is JobLandingDocument landing ? landing.Name
            : null;
        string? Metres(double? mm) => mm is { } given ? FormattableString.Invariant($"{given / 1000:0.###} m") : null;
        Compare(ColumnMeaning.From, Place(before.A), Place(after.A));
        Compare(ColumnMeaning.To, Place(before.B), Place(after.B));
        Compare(ColumnMeaning.Size, before.Conductor?.Read().ToString(), after.Conductor?.Read().ToString());
        Compare(ColumnMeaning.Colour, before.Colour, after.Colour);
        Compare(ColumnMeaning.Function, before.Function.Say(), after.Function.Say());
        Compare(ColumnMeaning.Circuit, Name(before.CircuitId), Name(after.CircuitId));
        Compare(ColumnMeaning.Length, Metres(before.LengthMm), Metres(after.LengthMm));
        Compare(ColumnMeaning.Run, before.Run, after.Run);
        Compare(ColumnMeaning.Ferrule, Say(before.A), Say(after.A));
        return changes;

        string? Name(Guid? circuit) =>
            circuit is { } id && (_put.GetValueOrDefault(id) ?? _before.GetValueOrDefault(id)) is CircuitDocument of
                ? of.Name
                : null;
        static string? Say(EndDocument end) =>
            end.SaidBare ? "none"
            : end.Ferrule?.SizeMm2 is { } size ? FormattableString.Invariant($"{size} mm²")
            : null;
    }
}
