using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// One end in its job: what the crafts planned for it, and what all checks of an end found, whatever each is about.
/// </summary>
internal sealed record EndJudgement(EndPlan? Plan, IReadOnlyList<(CheckScope Scope, Finding Finding)> Found)
{
    /// <summary>Stands in where only the landing is asked about.</summary>
    private static readonly Conductor AnyWire = Conductor.Of(
        ConductorSize.Parse("14 AWG"),
        Build.Solid,
        Material.Copper
    );

    /// <summary>What is in the hand at an end; null where the wire or the landing is not known.</summary>
    internal static EndAtHand? AtHand(Job job, EndOfWire end)
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
            end.Wire is { CircuitId: { } of, InCord: false } && end.Wire.Function.CarriesLoad()
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
            CircuitAmps = circuit?.OcpdAmps,
            FeedsReceptacles = circuit is not null && ReceptacleRating.OutletsOn(job, circuit.Id) > 1,
            Isolation = IsolationOf(job, end, id),
            // NM cable is good for 60 °C, whatever its terminals are marked for (NEC 334.80, from memory).
            ColumnLimitC = circuit?.Method == WiringMethod.NmCable ? 60 : null,
        };
    }

    /// <summary>A cord is unplugged, and a machine's stored energy is waited for.</summary>
    private static Isolation? IsolationOf(Job job, EndOfWire end, Guid landing) =>
        end.Wire.InCord ? Isolation.Cord
        : job.Enclosures[job.Landings[landing].EnclosureId].Form == EnclosureForm.Machine ? Isolation.Machine
        : null;

    internal static EndJudgement Of(Job job, EndOfWire end, bool isRedone)
    {
        List<(CheckScope, Finding)>? found = null;
        foreach (var check in JobChecks.Ends)
        {
            Keep(check.Scope, check.Judge(job, end) is { } finding ? finding with { Harm = check.Harm } : null);
        }

        EndPlan? plan = null;
        if (AtHand(job, end) is { } atHand)
        {
            plan = new EndPlan(atHand);
            // The second conductor is judged where it is the first.
            foreach (var check in EndChecks.Planned)
            {
                Keep(check.Scope, EndChecks.Judge(check, plan));
            }
        }
        else if (
            end.Wire.Conductor is null
            && AtHand(job, end with { Wire = end.Wire with { Conductor = AnyWire } }) is { } unknown
        )
        {
            // What does not read the wire is found although nobody knows it.
            var standIn = new EndPlan(unknown);
            foreach (var check in EndChecks.Planned.Where(c => !c.NeedsWire))
            {
                Keep(check.Scope, EndChecks.Judge(check, standIn));
            }
        }

        if (!isRedone && end.End is { Found: { } made, LandingId: { } id } && job.Landings[id].Landing is { } landing)
        {
            foreach (
                var finding in EndChecks.Judge(
                    new MadeEnd(landing.Kind, made, null, plan?.Torque?.Window)
                    {
                        Conductor = end.Wire.Conductor,
                        Class = job.Title.Rules.StrandLoss,
                    }
                )
            )
            {
                Keep(CheckScope.End, finding);
            }
        }

        return new EndJudgement(plan, found ?? (IReadOnlyList<(CheckScope, Finding)>)[]);

        void Keep(CheckScope scope, Finding? finding)
        {
            if (finding is not null)
            {
                (found ??= []).Add((scope, finding));
            }
        }
    }
}
