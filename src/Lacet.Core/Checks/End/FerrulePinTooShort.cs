using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A pin that the clamp holds by its end only, although a longer one goes in.</summary>
public sealed class FerrulePinTooShort : IEndCheck
{
    /// <summary>Pins come in steps of about 2 mm; this much less than the depth is still the usual fit.</summary>
    private static readonly Length Allowed = new(2.5);

    private static readonly string[] RestsOn = ["conductor.size", "landing.stripDepthMm", "end.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-pin-too-short";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not PrintedLanding block
        || plan.AtHand.GivenFerrule?.Pin is not { } pin
        || plan.PossibleFerrule is not { PinFits: true } longest
        || pin >= longest.Pin
        || pin >= block.StripDepth - Allowed
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"The pin is {pin:mm} and the landing is {block.StripDepth:mm} deep: the clamp grips its end, or the collar stands off.",
                $"Take the same size with a pin of {longest.Pin:mm}.",
                "common practice; DIN 46228-4 pin lengths (from memory)",
                RestsOn
            );
}
