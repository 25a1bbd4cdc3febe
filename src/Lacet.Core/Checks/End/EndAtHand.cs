using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Strip;

namespace Lacet.Core.Checks.End;

/// <summary>What somebody holds in the hand: a conductor, where it goes, and what else is known of it.</summary>
/// <param name="Conductor">The conductor.</param>
/// <param name="Landing">Where it goes.</param>
/// <param name="Rules">The house rules in force.</param>
public sealed record EndAtHand(Conductor Conductor, Landing Landing, HouseRules Rules)
{
    /// <summary>A second conductor for the same landing.</summary>
    public Conductor? Second { get; init; }

    /// <summary>Whether another conductor is in the same landing, known or not.</summary>
    public bool IsDoubled
    {
        get => field || Second is not null;
        init;
    }

    /// <summary>
    /// Whether it goes under a device's green screw, which is a screw however the rest of the device is wired.
    /// </summary>
    public bool AtGreenScrew { get; init; }

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

    /// <summary>What is in the hand to strip with; null for what is usual for the size.</summary>
    public StrippingTool? StrippingTool { get; init; }

    /// <summary>How it is made dead; null for what is usual at such a landing.</summary>
    public Isolation? Isolation { get; init; }

    /// <summary>How many ends alike are made.</summary>
    public int Alike { get; init; } = 1;

    /// <summary>Whether an apprentice makes it.</summary>
    public bool ByApprentice { get; init; }

    /// <summary>
    /// Whether the circuit feeds several receptacles for plugged loads: then no next larger breaker is allowed (NEC
    /// 240.4(B)).
    /// </summary>
    public bool FeedsReceptacles { get; init; }

    /// <summary>The circuit's breaker or load, A; null where nobody said.</summary>
    public double? CircuitAmps { get; init; }
}
