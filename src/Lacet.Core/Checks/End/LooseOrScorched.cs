using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A landing that moves, or that was hot.</summary>
public sealed class LooseOrScorched : IMadeCheck
{
    private static readonly string[] RestsOn = ["end.found"];

    /// <inheritdoc/>
    public string Id => "loose-or-scorched";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        end.Made switch
        {
            { Scorched: true } => new Finding(
                Id,
                Severity.Stop,
                $"It shows heat: the joint was poor, and metal and plastic there are no longer what they were.",
                end.IsInJoint
                    ? (FormattableString)
                        $"Take a new connector, cut every conductor in it back to bright metal, and find out what it carried."
                    : $"Replace the device, cut the conductor back to bright metal, and find out what it carried.",
                "common practice (from memory)",
                RestsOn
            ),
            { Loose: true } => new Finding(
                Id,
                Severity.Stop,
                $"It moves when it is tugged: a loose joint heats.",
                end.IsInJoint
                    ? (FormattableString)$"Open the joint, strip every conductor in it anew, and take a new connector."
                    : $"Cut back, strip anew, and tighten to the value; a screw that does not hold means a new device.",
                "NEC 110.14 (from memory)",
                RestsOn
            ),
            _ => null,
        };
}
