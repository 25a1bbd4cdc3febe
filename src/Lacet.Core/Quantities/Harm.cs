namespace Lacet.Core.Quantities;

/// <summary>What a finding would do to whom, the worst first: stops are shown in this order.</summary>
public enum Harm
{
    /// <summary>Somebody touches what is live.</summary>
    Shock,

    /// <summary>Something gets hot.</summary>
    Fire,

    /// <summary>A machine is damaged, or does what nobody asked of it.</summary>
    Equipment,

    /// <summary>Wire and landing do not hold each other.</summary>
    Fit,

    /// <summary>It is not done as the house does it, or nobody can tell.</summary>
    Craft,
}
