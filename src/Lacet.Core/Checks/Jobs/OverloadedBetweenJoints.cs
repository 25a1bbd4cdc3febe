using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// A wire from joint to joint, against its breaker: no terminal is there at which it would be judged. Where several
/// receptacles hang on its circuit, the wires that end at them are judged more strictly.
/// </summary>
public sealed class OverloadedBetweenJoints : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn =
    [
        "wire.conductor",
        "wire.circuitId",
        "wire.a.landingId",
        "wire.b.landingId",
        "circuit.ocpdAmps",
    ];

    /// <inheritdoc/>
    public string Id => "overloaded-between-joints";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject) =>
        subject is { Conductor: { } conductor, CircuitId: { } circuit }
        && !job.IsOfCord(subject)
        && subject.Function.CarriesLoad()
        && job.Circuits[circuit] is { OcpdAmps: { } amps } of
        && (IsJoint(job, subject.A) || IsJoint(job, subject.B))
        && !IsTerminal(job, subject.A)
        && !IsTerminal(job, subject.B)
        && Ampacity.For(conductor, null) is { } table
        && amps > table.Breaker
            ? new Finding(
                Id,
                Severity.Stop,
                $"Wire {subject.Name}, {conductor.ToString()}, runs from joint to joint on circuit {of.Name} of {amps:0.#} A, and may be protected at {table.Breaker:0.#} A at most ({table.TemperatureC} °C column: {table.Amps:0.#} A).",
                $"Take a larger conductor between the joints, or a smaller breaker.",
                table.Source,
                RestsOn
            )
            : null;

    private static bool IsJoint(Job job, JobEnd end) => end.LandingId is { } id && job.Landings[id].Splice is not null;

    private static bool IsTerminal(Job job, JobEnd end) =>
        end.LandingId is { } id && job.Landings[id].Landing is not null;
}
