using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A reading from a stand-in proves nothing about a real screw.</summary>
public sealed class TorqueSimulated : IMadeCheck
{
    private static readonly string[] RestsOn = ["asMade.tightening"];

    /// <inheritdoc/>
    public string Id => "torque-simulated";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        end.Made.Tightening is not Tightening.Reading { Simulated: true }
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"The reading is simulated: a stand-in made it, no screw was turned.",
                $"Use it to learn and to try Lacet out, never as proof.",
                "Lacet",
                RestsOn
            );
}
