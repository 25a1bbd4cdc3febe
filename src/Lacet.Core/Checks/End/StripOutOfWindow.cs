using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A measured strip against its window.</summary>
public sealed class StripOutOfWindow : IMadeCheck
{
    private static readonly string[] RestsOn = ["asMade.measuredStripMm", "recipe.strip"];

    /// <inheritdoc/>
    public string Id => "strip-out-of-window";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(MadeEnd end)
    {
        if (
            end is not { Strip: { } window, Made.MeasuredStrip: { } measured }
            || window.Judge(measured) is Judgement.Pass
        )
        {
            return null;
        }

        var under = end.LandingKind is "binding-screw";
        return window.Judge(measured) == Judgement.Short
            ? new Finding(
                Id,
                Severity.Fix,
                under
                    ? (FormattableString)
                        $"Stripped {measured}, short of {window:least}: insulation comes under the head."
                    : $"Stripped {measured}, short of {window:least}: the clamp may bite insulation, or reach too little metal.",
                $"Strip again to {window:target}.",
                "field practice for the landing",
                RestsOn
            )
            : new Finding(
                Id,
                Severity.Fix,
                $"Stripped {measured}, over {window:most}: bare metal shows outside, where it can arc or be touched.",
                $"Cut back to {window:target}.",
                "field practice for the landing",
                RestsOn
            );
    }
}
