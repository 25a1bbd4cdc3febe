using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Receptacles against the breaker of their circuit.</summary>
public sealed class ReceptacleRating : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.ratingAmps",
        "device.outlets",
        "circuit.ocpdAmps",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "receptacle-rating";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject is not { IsReceptacle: true, RatingAmps: { } rating })
        {
            return null;
        }

        foreach (var circuit in CircuitsAt(job, subject))
        {
            if (
                circuit.OcpdAmps is { } breaker
                && OutletsOn(job, circuit.Id) > 1
                && Judge(subject, rating, circuit, breaker) is { } found
            )
            {
                return found;
            }
        }

        return null;
    }

    /// <summary>The circuits whose hots land on a device.</summary>
    internal static IEnumerable<Circuit> CircuitsAt(Job job, Device device) =>
        job.LandingsOf(device.Id)
            .SelectMany(l => job.EndsAt(l.Id))
            .Where(e => e.Wire.Function.IsHot())
            .Select(e => e.Wire.CircuitId)
            .OfType<Guid>()
            .Distinct()
            .Select(id => job.Circuits[id])
            .OrderBy(c => c.Order)
            .ThenBy(c => c.Id);

    /// <summary>How many plugs a circuit takes.</summary>
    internal static int OutletsOn(Job job, Guid circuit) =>
        job.DevicesOn(circuit).Where(d => d.IsReceptacle).Sum(d => d.Outlets);

    private Finding? Judge(Device device, double rating, Circuit circuit, double breaker) =>
        ReceptacleRatings.For(breaker) switch
        {
            null => new Finding(
                Id,
                Severity.Note,
                $"Not judged: no table here has receptacles for a circuit of {breaker:0.#} A.",
                $"Find them in the code that rules.",
                "no table",
                RestsOn
            ),
            var table when !table.Allowed.Contains(rating) => new Finding(
                Id,
                Severity.Stop,
                $"{device.Name} is rated {rating:0.#} A and circuit {circuit.Name} has a breaker of {breaker:0.#} A: its receptacles must be {string.Join(" or ", table.Allowed)} A.",
                $"Take a receptacle of {string.Join(" or ", table.Allowed)} A, or a breaker of its rating if the conductors and the load allow.",
                "NEC 210.21(B)(3) (from memory)",
                RestsOn
            ),
            _ => null,
        };
}
