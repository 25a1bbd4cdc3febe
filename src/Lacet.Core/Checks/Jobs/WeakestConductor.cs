using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The conductor of a circuit that carries least where it ends, so that its breaker must protect it.</summary>
/// <param name="CircuitId">The circuit.</param>
/// <param name="WireId">The wire.</param>
/// <param name="Name">The wire’s name.</param>
/// <param name="Conductor">What it is: "14 AWG solid copper".</param>
/// <param name="Amps">Its ampacity at that end, A.</param>
/// <param name="Breaker">The largest breaker that it may have there, A.</param>
/// <param name="Source">The table.</param>
public sealed record WeakestConductor(
    Guid CircuitId,
    Guid WireId,
    string Name,
    string Conductor,
    double Amps,
    double Breaker,
    string Source
)
{
    /// <summary>
    /// That of each circuit, in the circuits’ order. A circuit none of whose conductors that carry its load is in a table
    /// has none. Earths, shields and signals are left out.
    /// </summary>
    public static IReadOnlyList<WeakestConductor> Of(JudgedJob judged) =>
        [
            .. judged
                .Job.Circuits.Values.OrderBy(c => c.Order)
                .ThenBy(c => c.Id)
                .Select(c =>
                    judged
                        .Job.WiresOf(c.Id)
                        .Where(w => !w.Retired && w.Function.CarriesLoad())
                        .SelectMany(w => Ends(judged, w))
                        .MinBy(e => (e.Breaker, e.Amps))
                )
                .OfType<WeakestConductor>(),
        ];

    private static IEnumerable<WeakestConductor> Ends(JudgedJob judged, JobWire wire)
    {
        foreach (var side in Enum.GetValues<EndSide>())
        {
            if (judged.Plan(wire.Id, side) is { Ampacity: { } table } plan && wire.CircuitId is { } circuit)
            {
                yield return new(
                    circuit,
                    wire.Id,
                    wire.Name,
                    plan.Conductor.ToString(),
                    table.Amps,
                    table.Breaker,
                    table.Source
                );
            }
        }
    }
}
