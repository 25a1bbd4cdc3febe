using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Insulation where metal should be held.</summary>
public sealed class InsulationCaught : IMadeCheck
{
    private static readonly string[] RestsOn = ["end.found"];

    /// <inheritdoc/>
    public string Id => "insulation-caught";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        !end.Made.InsulationCaught
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Insulation is caught in the clamp: it holds plastic, which gives way.",
                $"Take it out, strip to the length, and land it again.",
                "common practice (from memory)",
                RestsOn
            );
}
