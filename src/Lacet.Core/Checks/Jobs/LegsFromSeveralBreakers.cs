using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// The legs of a three-phase load come from one breaker: else one trips, and the motor runs on two phases until it
/// burns.
/// </summary>
public sealed class LegsFromSeveralBreakers : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "circuit.phases", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "legs-from-several-breakers";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.UsesCurrent())
        {
            return null;
        }

        var legs = DeviceInside
            .Inputs(job, subject)
            .SelectMany(l => job.EndsAt(l.Id))
            .Where(e => e.Wire.Function.IsHot() && e.Wire.CircuitId is not null)
            .ToList();
        if (!legs.Exists(e => job.Circuits[e.Wire.CircuitId!.Value].Phases == 3))
        {
            return null;
        }

        var from = legs.SelectMany(e =>
                Sources.Of(job, job.Landings[e.End.LandingId!.Value]).Of(job, DeviceType.Breaker)
            )
            .Select(s => s.Device)
            .DistinctBy(d => d.Id)
            .OrderBy(d => d.Order)
            .ThenBy(d => d.Id)
            .ToList();
        var circuits = legs.Select(e => e.Wire.CircuitId!.Value)
            .Distinct()
            .Select(id => job.Circuits[id])
            .OrderBy(c => c.Order)
            .ThenBy(c => c.Id)
            .ToList();
        return (from.Count, circuits.Count) switch
        {
            (> 1, _) => Found(
                $"The legs of {subject.Name} come from {from[0].Name} and {from[1].Name}: when one of them trips, the machine runs on two phases and burns."
            ),
            (_, > 1) => Found(
                $"The legs of {subject.Name} are of circuits {circuits[0].Name} and {circuits[1].Name}: when one of them trips, the machine runs on two phases and burns."
            ),
            _ => null,
        };
    }

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Bring all legs from one three-pole breaker, through one overload relay.",
            "NEC 430.52, 240.15(B) (from memory); common practice",
            RestsOn
        );
}
