using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What is wired to a pin, and to the terminal that it leads to, is what the pin map says of it.</summary>
public sealed class PinAgainstWire : IJobCheck<JobPinMap>
{
    private static readonly string[] RestsOn = ["pin-map", "landing.ends", "landing.identity", "wire.function"];

    /// <inheritdoc/>
    public string Id => "pin-against-wire";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.PinMap;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobPinMap subject)
    {
        foreach (var (mapped, pin, terminal) in PinsOfMap.On(job, subject))
        {
            if (Expected(mapped.Function) is not { } expected)
            {
                continue;
            }

            var wire = new[] { pin, terminal }
                .OfType<JobLanding>()
                .SelectMany(l => job.EndsAt(l.Id).Select(e => (Landing: l, e.Wire)))
                .FirstOrDefault(e => !e.Wire.Retired && Contradicts(mapped.Function, expected, e.Wire.Function));
            if (wire.Wire is not null)
            {
                return Found(
                    $"Wire {wire.Wire.Name}, {wire.Wire.Function.Say()}, ends at {wire.Landing.Name}, where {subject.Map.Name} has {Say(mapped.Function)} on pin {mapped.Pin}."
                );
            }

            if (pin is not null && job.EndsAt(pin.Id).All(e => e.Wire.Retired) && IsWired(job, subject))
            {
                return Found(
                    $"Nothing ends at {pin.Name}, and {subject.Map.Name} has {Say(mapped.Function)} on pin {mapped.Pin}."
                );
            }

            if (terminal is not null && Potentials.Of(job, terminal) is { } marked && !IsSame(expected, marked))
            {
                return Found(
                    $"Pin {mapped.Pin} of {subject.Map.Name} is {Say(mapped.Function)}, and {terminal.Name}, to which it leads, is marked for {marked.Say()}."
                );
            }
        }

        return null;
    }

    private static Potential? Expected(PinFunction function) =>
        function switch
        {
            PinFunction.Line or PinFunction.LowSpeed or PinFunction.HighSpeed => Potential.Line,
            PinFunction.Common => Potential.Neutral,
            PinFunction.Earth => Potential.Earth,
            _ => null,
        };

    private static bool Contradicts(PinFunction pin, Potential expected, WireFunction wire) =>
        (Potentials.Of(wire) is { } on && !IsSame(expected, on))
        || (pin == PinFunction.LowSpeed && wire == WireFunction.HighSpeed)
        || (pin == PinFunction.HighSpeed && wire == WireFunction.LowSpeed);

    /// <summary>Whether anything is wired to its plug: before that nothing is missing at a pin.</summary>
    private static bool IsWired(Job job, JobPinMap map) =>
        PinsOfMap.On(job, map).Any(p => p.Pin is { } at && job.EndsAt(at.Id).Any(e => !e.Wire.Retired));

    private static Term Say(PinFunction function) =>
        function switch
        {
            PinFunction.LowSpeed => "the low speed",
            PinFunction.HighSpeed => "the high speed",
            PinFunction.Line => "the line",
            PinFunction.Common => "the neutral or common",
            _ => "the earth",
        };

    private static bool IsSame(Potential one, Potential other) => one == other || (one.IsHot() && other.IsHot());

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Count the pins from the key once more and ring each out, end to end, before anything is plugged in.",
            "common practice",
            RestsOn
        );
}
