using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Voltage lost on the way.</summary>
public sealed class VoltageDropHigh : IJobCheck<Circuit>
{
    private static readonly string[] RestsOn = ["circuit.volts", "circuit.phases", "circuit.loadAmps", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "voltage-drop";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Circuit;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Circuit subject)
    {
        if (subject is not { Volts: { } volts, LoadAmps: > 0 and { } load })
        {
            return null;
        }

        var known = job.WiresOf(subject.Id)
            .Where(w => w.Function.IsHot() && w is { Conductor: not null, Length.Millimetres: > 0 })
            .ToList();
        if (known.Find(w => VoltageDrop.Ohms(w.Conductor!, w.Length!.Value) is null) is { } untabled)
        {
            return new Finding(
                Id,
                Severity.Note,
                $"Not judged: no table here has the resistance of {untabled.Conductor!.ToString()}, so the voltage drop of circuit {subject.Name} is not known.",
                $"Find the resistance on the maker’s sheet.",
                "no table",
                RestsOn
            );
        }

        // Along the way from the breaker, where the job shows one; else the longest wire by itself.
        var ohms = new CircuitPaths(job, subject.Id).FarthestOhms()
            ?? known.Select(w => VoltageDrop.Ohms(w.Conductor!, w.Length!.Value)!.Value).DefaultIfEmpty(0).Max();
        var percent = VoltageDrop.Percent(ohms, load, volts, subject.Phases);
        return percent <= VoltageDrop.Advised
            ? null
            : new Finding(
                Id,
                // 3 % is advice; past the 5 % that is advised from the supply to the load, one branch alone has used up
                // all.
                percent > VoltageDrop.AdvisedInAll
                    ? Severity.Fix
                    : Severity.Note,
                $"Circuit {subject.Name} loses {percent:0.0} % of {volts:0.#} V at {load:0.#} A; {VoltageDrop.Advised:0} % is the usual advice.",
                $"Take larger conductors, a shorter way, or share the load out: motors labour and heat at low voltage.",
                VoltageDrop.Source,
                RestsOn
            )
            {
                Trust = Trust.Handbook,
            };
    }
}
