using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>An earth that melts before its breaker opens.</summary>
public sealed class EarthTooSmall : IJobCheck<Circuit>
{
    private static readonly string[] RestsOn =
    [
        "circuit.ocpdAmps",
        "circuit.wires",
        "wire.conductor",
        "wire.run",
        "houseRules.region",
    ];

    /// <summary>Sizes are nominal: a conductor is not too small by less than this.</summary>
    private const double Nominal = 0.95;

    /// <inheritdoc/>
    public string Id => "earth-too-small";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Circuit;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Circuit subject)
    {
        var wires = job.WiresOf(subject.Id).Where(w => !w.Retired && w.Conductor is not null).ToList();
        var line = wires.Where(w => w.Function.IsHot()).Select(w => w.Conductor!.Size.Area.SquareMillimetres).ToList();
        var byBreaker = job.Title.Rules.Region == Region.NorthAmerica;
        foreach (var earth in Earths(job, wires).OrderBy(w => w.Order).ThenBy(w => w.Id))
        {
            var conductor = earth.Conductor!;
            if (byBreaker && subject.OcpdAmps is { } amps && EarthSize.ByBreaker(amps, conductor.Material) is null)
            {
                return new Finding(
                    Id,
                    Severity.Note,
                    $"Not judged: no table here has the earth of circuit {subject.Name}, which has a breaker of {amps:0.#} A.",
                    $"Find its size in the code that rules.",
                    "no table",
                    RestsOn
                );
            }

            if (
                (byBreaker ? ByBreaker(subject, conductor, line) : ByLine(line)) is { } least
                && conductor.Size.Area.SquareMillimetres < Nominal * least.Mm2
            )
            {
                return new Finding(
                    Id,
                    Severity.Fix,
                    $"Wire {earth.Name}, the earth of circuit {subject.Name}, is {conductor.Size.Name}, and must be {least.Says} or more: in a fault it can melt before the breaker opens.",
                    $"Take a larger earth.",
                    least.Source,
                    RestsOn
                );
            }
        }

        return null;
    }

    /// <summary>
    /// Its own, and where nobody said whose an earth is those in its raceways: one earth for several circuits is sized
    /// for the largest of their breakers (NEC 250.122(C), from memory).
    /// </summary>
    private static IEnumerable<JobWire> Earths(Job job, List<JobWire> wires) =>
        wires
            .Where(w => w.Function == WireFunction.Earth)
            .Concat(
                job.RunningWith([.. wires.Where(w => w.Function.IsHot())])
                    .Where(w =>
                        w is { Function: WireFunction.Earth, CircuitId: null, Retired: false, Conductor: not null }
                    )
            );

    /// <summary>By the breaker, and no larger than the lines need be.</summary>
    private static (double Mm2, Term Says, string Source)? ByBreaker(
        Circuit circuit,
        Conductors.Conductor earth,
        List<double> line
    ) =>
        circuit.OcpdAmps is not { } amps || EarthSize.ByBreaker(amps, earth.Material) is not { } size ? null
        : line.Count > 0 && line.Max() < size.Area.SquareMillimetres
            ? (line.Max(), "as thick as its lines", "NEC 250.122(A) (from memory)")
        : (size.Area.SquareMillimetres, size.Name, "NEC 250.122 (from memory)");

    private static (double Mm2, Term Says, string Source)? ByLine(List<double> line) =>
        line.Count > 0 && EarthSize.ByLine(new(line.Max())) is var least
            ? (least.SquareMillimetres, least.Read().Metric, "IEC 60364-5-54 table 54.2 (from memory)")
            : null;
}
