using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What is plugged in, against the receptacle.</summary>
public sealed class PluggedLoad : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.ratingAmps", "device.pluggedAmps"];

    /// <inheritdoc/>
    public string Id => "plugged-load";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject is not { IsReceptacle: true, PluggedAmps: { } load, RatingAmps: { } rating })
        {
            return null;
        }

        return ReceptacleRatings.PluggedLoad(rating) switch
        {
            null when load <= 0.8 * rating => null,
            null => new Finding(
                Id,
                Severity.Note,
                $"Not judged: no table here has the load for a receptacle of {rating:0.#} A.",
                $"Find it in the code that rules.",
                "no table",
                RestsOn
            ),
            { } most when load > most => new Finding(
                Id,
                Severity.Fix,
                $"{load:0.#} A is plugged into {subject.Name}; a receptacle of {rating:0.#} A takes one cord-and-plug load of {most:0.#} A at most.",
                $"Give the load a circuit and a receptacle of its size.",
                "NEC 210.21(B)(2) (from memory)",
                RestsOn
            ),
            _ => null,
        };
    }
}
