using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>The metal of a pin must never show outside the landing.</summary>
public sealed class FerrulePinTooLong : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.size",
        "landing.stripDepthMm",
        "landing.ferrule",
        "end.ferrule",
    ];

    /// <inheritdoc/>
    public string Id => "ferrule-pin-too-long";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not PrintedLanding block ? null
        : plan.AtHand.GivenFerrule?.Pin is { } given
            ? given > block.StripDepth
                    ? new Finding(
                        Id,
                        Severity.Fix,
                        $"The pin is {given:mm} and the landing takes {block.StripDepth:mm}: {given - block.StripDepth:mm} of metal would show.",
                        $"Take the same size with a shorter pin, of {block.StripDepth:mm} at most.",
                        "common practice; DIN 46228-4 pin lengths (from memory)",
                        RestsOn
                    )
                : null
        : plan.Ferrule is { PinFits: false } ferrule
            ? new Finding(
                Id,
                Severity.Fix,
                $"The shortest pin of this size is {ferrule.Pin:mm}, and the landing takes {block.StripDepth:mm}: {ferrule.Pin - block.StripDepth:mm} of metal would show.",
                $"Take a landing that is deeper. A cutter can trim the pin after crimping, never below 6 mm or the clamp’s depth, but a trimmed pin has lost its listing.",
                "common practice; DIN 46228-4 pin lengths (from memory)",
                RestsOn
            )
        : null;
}
