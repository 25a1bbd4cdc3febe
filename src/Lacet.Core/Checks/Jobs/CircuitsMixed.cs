using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// On a breaker, switch or receptacle, and on the two sides of any contact, all conductors belong to circuits of one
/// voltage, and control to control.
/// </summary>
public sealed class CircuitsMixed : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "landing.ends",
        "wire.circuitId",
        "wire.function",
        "circuit.volts",
    ];

    /// <inheritdoc/>
    public string Id => "circuits-mixed";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type == DeviceType.Breaker || subject.Type == DeviceType.Switch || subject.IsReceptacle)
        {
            return Among(job, subject, job.LandingsOf(subject.Id));
        }

        // Of other devices each contact stands for itself: a coil is of another circuit than what it switches.
        return DeviceInside
            .Pairs(job, subject, InsideKind.Contact)
            .Select(pair => Among(job, subject, [pair.One, pair.Other]))
            .FirstOrDefault(f => f is not null);
    }

    private Finding? Among(Job job, Device subject, IEnumerable<JobLanding> landings)
    {
        var wires = landings
            // What is joined on one screw is found there.
            .Where(l => Contradiction.At(job, l)?.Kind != ContradictionKind.Systems)
            .SelectMany(l => job.EndsAt(l.Id))
            .Select(e => e.Wire)
            .Where(w => w.Function is not (WireFunction.Earth or WireFunction.Shield))
            .DistinctBy(w => w.Id)
            .ToList();
        var voltages = wires
            .Where(w => w.CircuitId is { } id && job.Circuits[id].Volts is not null)
            .Select(w => (Wire: w, Volts: job.Circuits[w.CircuitId!.Value].Volts!.Value))
            .OrderBy(v => v.Volts)
            .ToList();
        if (
            voltages is [var low, .., var high]
            && !SupplyVoltage.IsSame(low.Volts, high.Volts)
            && !AreLegs(job, low.Wire, high.Wire)
        )
        {
            return Found(
                $"{subject.Name} has wire {low.Wire.Name} of {low.Volts:0.#} V and wire {high.Wire.Name} of {high.Volts:0.#} V: one feeds the other."
            );
        }

        var control = wires.Find(w =>
            w.Function
                is WireFunction.ControlPlus
                    or WireFunction.ControlMinus
                    or WireFunction.ControlAc
                    or WireFunction.Signal
        );
        var power = wires.Find(w => w.Function.IsHot() || w.Function == WireFunction.Neutral);
        return control is not null && power is not null
            ? Found(
                $"{subject.Name} has wire {control.Name} ({control.Function.Say()}) beside wire {power.Name} ({power.Function.Say()}): control and power do not share it."
            )
            : null;
    }

    /// <summary>
    /// A leg of a split supply, 120 V to its neutral, stands beside one of 240 V on a two-pole breaker.
    /// </summary>
    private static bool AreLegs(Job job, JobWire a, JobWire b) =>
        a.CircuitId is { } one && b.CircuitId is { } two && job.ShareNeutral(one, two);

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Trace both wires, and land each on a device of its own circuit; prove with a meter which is which.",
            "NEC 300.3(C), 725.136 (from memory); common practice",
            RestsOn
        );
}
