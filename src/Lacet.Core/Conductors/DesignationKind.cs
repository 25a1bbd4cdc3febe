namespace Lacet.Core.Conductors;

/// <summary>What letters stand for.</summary>
public enum DesignationKind
{
    /// <summary>One conductor with its insulation.</summary>
    Wire,

    /// <summary>Several in one sheath, for fixed runs.</summary>
    Cable,

    /// <summary>Several in one jacket, for what is moved.</summary>
    Cord,
}
