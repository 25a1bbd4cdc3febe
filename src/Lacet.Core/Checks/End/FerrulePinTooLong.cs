using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>The metal of a pin must never show outside the landing.</summary>
public sealed class FerrulePinTooLong : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.stripDepthMm", "landing.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-pin-too-long";

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) => plan.Ferrule is not { PinFits: false } ferrule || plan.Landing is not PrintedLanding block
        ? null
        : new Finding(
            Id,
            Severity.Fix,
            $"The shortest pin of this size is {ferrule.Pin}, and the landing takes {block.StripDepth}: {ferrule.Pin - block.StripDepth} of metal would show.",
            $"Take a landing that is deeper. A cutter can trim the pin after crimping, never below 6 mm or the clamp’s depth, but a trimmed pin has lost its listing.",
            "common practice; DIN 46228-4 pin lengths (from memory)",
            RestsOn);
}
