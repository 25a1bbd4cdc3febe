using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A ferrule that the strands don't enter, or don't fill.</summary>
public sealed class FerruleWrongSize : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "end.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-wrong-size";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (
            plan.AtHand.GivenFerrule?.SizeMm2 is not { } size
            || plan.Conductor.Build == Build.Solid
            || plan.AtHand.Second is not null
            || FerruleChoice.Holds(size, plan.Conductor)
        )
        {
            return null;
        }

        var small = size < plan.Conductor.Size.Area.SquareMillimetres;
        return new Finding(
            Id,
            Severity.Fix,
            small
                ? (FormattableString)
                    $"A ferrule of {size:0.##} mm² is too small for {plan.Conductor.Size.NameInBoth}: strands stay out or are cut off."
                : $"A ferrule of {size:0.##} mm² is too large for {plan.Conductor.Size.NameInBoth}: the strands stay loose in the crimp.",
            plan.PossibleFerrule is { Twin: false } right
                ? (FormattableString)
                    $"Take {right.SaySize()}. The size is printed; the colour means another size in another series."
                : $"Take the size that is printed for {plan.Conductor.Size.Name}.",
            FerruleChoice.Source,
            RestsOn
        );
    }
}
