using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// Judges the ends of a job. Most ends of a job are like many others: what is alike is planned and judged once.
/// </summary>
internal sealed class EndJudge(Job job)
{
    /// <summary>Stands in where only the landing is asked about.</summary>
    private static readonly Conductor AnyWire = Conductor.Of(
        ConductorSize.Parse("14 AWG"),
        Build.Solid,
        Material.Copper
    );

    /// <summary>So many different ends are kept in mind; then it begins anew, so that years of changes leave nothing.</summary>
    private const int MostKept = 4096;

    private readonly Dictionary<EndAtHand, EndJudgement> _alike = [];
    private readonly Dictionary<Guid, int> _outlets = [];
    private readonly Dictionary<(Guid Cable, Guid Enclosure), CableEntry> _entries = [];

    /// <summary>The job was changed: what rests on more than one end is worked out anew.</summary>
    internal void Changed()
    {
        _outlets.Clear();
        _entries.Clear();
        if (_alike.Count > MostKept)
        {
            _alike.Clear();
        }
    }

    /// <summary>Judges an end; one that was made anew since somebody looked is not judged as it was found.</summary>
    internal EndJudgement Judge(EndOfWire end, bool isRedone)
    {
        var found = new List<(CheckScope, Finding)>();
        foreach (var check in JobChecks.Ends)
        {
            Keep(found, check.Scope, check.Judge(job, end) is { } finding ? finding with { Harm = check.Harm } : null);
        }

        EndJudgement? planned = null;
        if (AtHand(end) is { } atHand)
        {
            planned = Planned(atHand);
        }
        else if (
            end.Wire.Conductor is null
            && AtHand(end with { Wire = end.Wire with { Conductor = AnyWire } }) is { } unknown
        )
        {
            // What does not read the wire is found although nobody knows it.
            var standIn = new EndPlan(unknown);
            foreach (var check in EndChecks.Planned.Where(c => !c.NeedsWire))
            {
                Keep(found, check.Scope, EndChecks.Judge(check, standIn));
            }
        }

        if (
            !isRedone
            && end.End is { Found: { } made, LandingId: { } id }
            && job.Landings[id] is var landing
            && (landing.Landing is not null || landing.Splice is not null)
        )
        {
            var kind = landing.Landing?.Kind ?? MadeEnd.Splice;
            var asFound = new MadeEnd(kind, made, null, planned?.Plan?.Torque?.Window)
            {
                Conductor = end.Wire.Conductor,
                Class = job.Title.Rules.StrandLoss,
            };
            found.AddRange(EndChecks.Judge(asFound).Select(f => (CheckScope.End, f)));
        }

        return (planned, found) switch
        {
            ({ } alike, []) => alike,
            ({ } alike, _) => alike with { Found = [.. found, .. alike.Found] },
            _ => new EndJudgement(null, found),
        };
    }

    private EndJudgement Planned(EndAtHand atHand)
    {
        if (!_alike.TryGetValue(atHand, out var judged))
        {
            var plan = new EndPlan(atHand);
            var found = new List<(CheckScope, Finding)>();
            // The second conductor is judged where it is the first.
            foreach (var check in EndChecks.Planned)
            {
                Keep(found, check.Scope, EndChecks.Judge(check, plan));
            }

            _alike.Add(atHand, judged = new EndJudgement(plan, found));
        }

        return judged;
    }

    private static void Keep(List<(CheckScope, Finding)> found, CheckScope scope, Finding? finding)
    {
        if (finding is not null)
        {
            found.Add((scope, finding));
        }
    }

    /// <summary>What is in the hand at an end; null where the wire or the landing is not known.</summary>
    private EndAtHand? AtHand(EndOfWire end)
    {
        if (
            end.Wire.Conductor is not { } conductor
            || end.End.LandingId is not { } id
            || job.Landings[id].Landing is not { } landing
        )
        {
            return null;
        }

        // A cord is protected by what its appliance is listed for (NEC 240.5(B), from memory), not by these tables.
        var circuit =
            end.Wire is { CircuitId: { } of } && !job.IsOfCord(end.Wire) && end.Wire.Function.CarriesLoad()
                ? job.Circuits[of]
                : null;
        var others = job.EndsAt(id);
        return new EndAtHand(conductor, landing, job.Title.Rules)
        {
            IsDoubled = others.Count > 1,
            Second =
                others.Count < 2 ? null
                : others.FirstOrDefault(o => o.Wire.Id != end.Wire.Id || o.Side != end.Side) is { Wire: { } other }
                    ? other.Conductor
                : null,
            AtGreenScrew = job.Landings[id].Identity == TerminalIdentity.Green,
            Condition = end.End.Condition,
            CrimpShape = end.End.CrimpShape,
            GivenFerrule = end.End.Ferrule,
            SaidBare = end.End.SaidBare,
            Entry = EntryOf(end.Wire, job.Landings[id].EnclosureId),
            CircuitAmps = circuit?.OcpdAmps,
            FeedsReceptacles = circuit is not null && OutletsOn(circuit.Id) > 1,
            Isolation = IsolationOf(end, id),
            // NM cable is good for 60 °C, whatever its terminals are marked for (NEC 334.80, from memory).
            ColumnLimitC = circuit?.Method == WiringMethod.NmCable ? 60 : null,
        };
    }

    /// <summary>The cable that a conductor comes out of, where it enters an enclosure; null for a single wire.</summary>
    private CableEntry? EntryOf(JobWire wire, Guid enclosure)
    {
        if (job.CableOf(wire) is not { } cable)
        {
            return null;
        }

        if (!_entries.TryGetValue((cable.Id, enclosure), out var entry))
        {
            entry = EntryOfCable.At(job, cable, enclosure);
            _entries.Add((cable.Id, enclosure), entry);
        }

        return entry;
    }

    private int OutletsOn(Guid circuit)
    {
        if (!_outlets.TryGetValue(circuit, out var outlets))
        {
            _outlets.Add(circuit, outlets = ReceptacleRating.OutletsOn(job, circuit));
        }

        return outlets;
    }

    /// <summary>A cord is unplugged, and a machine's stored energy is waited for.</summary>
    private Isolation? IsolationOf(EndOfWire end, Guid landing) =>
        job.IsOfCord(end.Wire) ? Isolation.Cord
        : job.Enclosures[job.Landings[landing].EnclosureId].Form == EnclosureForm.Machine ? Isolation.Machine
        : null;
}
