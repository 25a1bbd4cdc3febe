using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A hook that the screw drives out, or none at all.</summary>
public sealed class HookWrongWay : IMadeCheck
{
    private static readonly string[] RestsOn = ["end.found", "landing.kind"];

    /// <inheritdoc/>
    public string Id => "hook-wrong-way";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end) =>
        end.LandingKind is not ("binding-screw" or "plug-screw")
            ? null
            : end.Made.Hook switch
            {
                HookWay.CounterClockwise => new Finding(
                    Id,
                    Severity.Fix,
                    $"The hook lies against the screw: tightening drives it out.",
                    $"Cut back, and make a new hook that closes clockwise; an opened hook breaks at the bend.",
                    "common practice (from memory)",
                    RestsOn
                ),
                HookWay.Straight => new Finding(
                    Id,
                    Severity.Fix,
                    $"A straight end under a screw’s head: the screw holds one side of it.",
                    $"Make a hook of two thirds to three quarters of a turn, or use the clamp behind the screw if there is one.",
                    "common practice (from memory)",
                    RestsOn
                ),
                _ => null,
            };
}
