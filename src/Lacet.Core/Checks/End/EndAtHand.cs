using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;

namespace Lacet.Core.Checks.End;

/// <summary>What somebody holds in the hand: a conductor, where it goes, and what else is known of it.</summary>
/// <param name="Conductor">The conductor.</param>
/// <param name="Landing">Where it goes.</param>
/// <param name="Rules">The house rules in force.</param>
public sealed record EndAtHand(Conductor Conductor, Landing Landing, HouseRules Rules)
{
    /// <summary>A second conductor for the same landing.</summary>
    public Conductor? Second { get; init; }

    /// <summary>How the end is found.</summary>
    public EndCondition Condition { get; init; }

    /// <summary>The shape that the crimper at hand makes; null where nobody said.</summary>
    public CrimpShape? CrimpShape { get; init; }

    /// <summary>The ferrule that a list or a hand already chose; null where Lacet chooses.</summary>
    public GivenFerrule? GivenFerrule { get; init; }

    /// <summary>Whether a list says that the end lands bare.</summary>
    public bool SaidBare { get; init; }

    /// <summary>The size that the kit's label gives for this conductor, mm²; null to choose by area.</summary>
    public double? FerruleLabelMm2 { get; init; }

    /// <summary>The cable or cord that it comes from; null for a single wire.</summary>
    public CableEntry? Entry { get; init; }

    /// <summary>The highest temperature column that its cable allows, °C; null where it sets no limit.</summary>
    public int? ColumnLimitC { get; init; }

    /// <summary>The circuit's breaker or load, A; null where nobody said.</summary>
    public double? CircuitAmps { get; init; }
}
