using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The only receptacle of a circuit.</summary>
public sealed class SingleReceptacleRating : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.ratingAmps",
        "device.outlets",
        "circuit.ocpdAmps",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "single-receptacle-rating";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject) =>
        subject is { IsReceptacle: true, Outlets: 1, RatingAmps: { } rating }
        && ReceptacleRating
            .CircuitsAt(job, subject)
            .FirstOrDefault(c => c.OcpdAmps > rating && ReceptacleRating.OutletsOn(job, c.Id) == 1)
            is { } circuit
            ? new Finding(
                Id,
                Severity.Stop,
                $"{subject.Name} is the only receptacle of circuit {circuit.Name} and is rated {rating:0.#} A, less than its breaker of {circuit.OcpdAmps:0.#} A.",
                $"Take a receptacle of {circuit.OcpdAmps:0.#} A, or a breaker of {rating:0.#} A.",
                "NEC 210.21(B)(1) (from memory)",
                RestsOn
            )
            : null;
}
