namespace Lacet.Core.Conductors;

/// <summary>What the conductor is made of.</summary>
public enum Material
{
    /// <summary>Annealed copper, plain or tinned.</summary>
    Copper,

    /// <summary>Aluminium.</summary>
    Aluminium,
}
