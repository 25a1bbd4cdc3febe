using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What runs for hours, against the breaker.</summary>
public sealed class ContinuousLoad : IJobCheck<Circuit>
{
    private static readonly string[] RestsOn =
    [
        "circuit.loadAmps",
        "circuit.continuous",
        "circuit.ocpdAmps",
        "houseRules.region",
    ];

    /// <inheritdoc/>
    public string Id => "continuous-load";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Circuit;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Circuit subject) =>
        subject is not { LoadAmps: { } load, OcpdAmps: { } breaker } ? null
        : load > breaker
            ? new Finding(
                Id,
                Severity.Stop,
                $"Circuit {subject.Name} carries {load:0.#} A on a breaker of {breaker:0.#} A.",
                Larger(subject.Continuous && job.Title.Rules.Region == Region.NorthAmerica ? load * 1.25 : load),
                "NEC 210.20 (from memory)",
                RestsOn
            )
        : subject.Continuous && job.Title.Rules.Region == Region.NorthAmerica && load * 1.25 > breaker
            ? new Finding(
                Id,
                Severity.Fix,
                $"The continuous load of circuit {subject.Name}, {load:0.#} A, exceeds 80 % of its {breaker:0.#} A breaker ({breaker / 1.25:0.#} A).",
                Larger(load * 1.25),
                "NEC 210.20(A) (from memory)",
                RestsOn
            )
        : null;

    /// <summary>The next standard breaker and the copper that it asks for: "25 A with 10 AWG".</summary>
    private static FormattableString Larger(double amps) =>
        StandardBreaker.AtLeast(amps) is { } breaker && Copper(breaker) is { } size
            ? $"Take a breaker of {breaker:0.#} A with {size.Name} copper or more, or share the load out."
            : (FormattableString)$"Share the load out.";

    private static ConductorSize? Copper(double breaker) =>
        ConductorSize
            .Stocked.Where(s =>
                s.System != SizeSystem.Metric
                && Ampacity.For(Conductor.Of(s, Build.Stranded, Material.Copper), null) is { } table
                && table.Breaker >= breaker
                && table.Amps > 10
            )
            .MinBy(s => s.Area.SquareMillimetres);
}
