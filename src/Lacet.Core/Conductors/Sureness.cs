namespace Lacet.Core.Conductors;

/// <summary>How sure a size is.</summary>
public enum Sureness
{
    /// <summary>Printed, or counted and measured, and near.</summary>
    Sure,

    /// <summary>Counted and measured, and somewhat off.</summary>
    Likely,

    /// <summary>It agrees with what was said, and others may: measure one thing more.</summary>
    Possible,
}
