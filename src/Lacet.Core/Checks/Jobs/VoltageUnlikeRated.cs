using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A coil, a motor or a supply gets the voltage that it is made for, and what a supply gives is what its circuit has.</summary>
public sealed class VoltageUnlikeRated : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "device.inside",
        "device.ratedVolts",
        "device.ratedCurrent",
        "device.givesVolts",
        "landing.ends",
        "landing.name",
        "wire.function",
        "wire.circuitId",
        "circuit.volts",
        "circuit.phases",
    ];

    /// <inheritdoc/>
    public string Id => "voltage-unlike-rated";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.RatedVolts is null && subject.RatedCurrent == CurrentKind.NotSaid && subject.GivesVolts is null)
        {
            return null;
        }

        return DeviceInside
            .Pairs(job, subject, InsideKind.Load)
            .Select(p => VoltageBetween.Of(job, p.One, p.Other) is { } there ? Taken(subject, p, there) : null)
            .FirstOrDefault(f => f is not null)
            ?? DeviceInside
                .Pairs(job, subject, InsideKind.Supply)
                .Select(p => VoltageBetween.Of(job, p.One, p.Other) is { } there ? Given(subject, p, there) : null)
                .FirstOrDefault(f => f is not null);
    }

    private Finding? Taken(Device device, (JobLanding One, JobLanding Other) at, VoltageBetween there)
    {
        if (device.RatedCurrent == CurrentKind.Ac && there.IsDc)
        {
            return Found(
                $"{device.Name} is made for alternating current, and direct current comes to {at.One.Name} and {at.Other.Name}: nothing but the wire’s resistance limits it, and it burns."
            );
        }

        if (device.RatedCurrent == CurrentKind.Dc && !there.IsDc)
        {
            return Found(
                $"{device.Name} is made for direct current, and alternating current comes to {at.One.Name} and {at.Other.Name}: it chatters, or is destroyed."
            );
        }

        return device.RatedVolts is { } rated && there.Volts is { } volts && !IsWithin(volts, rated)
            ? Found(
                $"{device.Name} is made for {rated:0.#} V, and {volts:0.#} V come to {at.One.Name} and {at.Other.Name}: {(volts > rated ? "it burns" : "it does not pull in, or hums and burns")}."
            )
            : null;
    }

    private Finding? Given(Device device, (JobLanding One, JobLanding Other) at, VoltageBetween there) =>
        device.GivesVolts is { } gives && there.Volts is { } volts && !IsWithin(gives, volts)
            ? Found(
                $"{device.Name} gives {gives:0.#} V at {at.One.Name} and {at.Other.Name}, and their circuit is one of {volts:0.#} V."
            )
            : null;

    /// <summary>
    /// A coil works from 85 to 110 % of what it is made for (IEC 60947-4-1 8.2.1.2, from memory); the names of one supply
    /// lie within that.
    /// </summary>
    private static bool IsWithin(double volts, double rated) => volts >= rated * 0.85 && volts <= rated * 1.1;

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Read the voltage off its plate, and bring that; prove it with a meter before it is switched on.",
            "IEC 60947-4-1 8.2.1.2; NEC 110.4 (from memory); common practice",
            RestsOn
        );
}
