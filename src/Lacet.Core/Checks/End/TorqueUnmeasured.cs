using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Tightened by feel although a value is given.</summary>
public sealed class TorqueUnmeasured : IMadeCheck
{
    private static readonly string[] RestsOn = ["asMade.tightening", "recipe.torque"];

    /// <inheritdoc/>
    public string Id => "torque-unmeasured";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        end is not { Torque: { } window, Made.Tightening: Tightening.ByFeel }
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Tightened by feel, unmeasured, although {window:range} is asked for; by hand it usually comes out short.",
                $"Tighten with a torque tool and record its reading.",
                "NEC 110.14(D) (from memory); common practice",
                RestsOn
            );
}
