namespace Lacet.Core.Landings;

/// <summary>
/// Spring holes in the back of receptacles are lawful for 14 AWG solid copper to 15 A, and widely condemned.
/// </summary>
public enum BackStabHoles
{
    /// <summary>Not used: they work loose with heat and vibration.</summary>
    Never,

    /// <summary>14 AWG solid copper on circuits to 15 A, as UL 498 allows.</summary>
    FourteenSolidTo15A,
}
