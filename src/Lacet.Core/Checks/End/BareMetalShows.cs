using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>More bare metal than 2 mm outside a landing.</summary>
public sealed class BareMetalShows : IMadeCheck
{
    private static readonly string[] RestsOn = ["end.found"];

    /// <inheritdoc/>
    public string Id => "bare-metal-shows";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        end.Made.BareShowing is not { Millimetres: > 2 } bare
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"{bare:mm} of bare metal shows; more than 2 mm is an arc and shock hazard.",
                $"Cut back and strip to the length.",
                "common practice (from memory)",
                RestsOn
            );
}
