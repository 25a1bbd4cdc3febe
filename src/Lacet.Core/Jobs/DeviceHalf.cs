namespace Lacet.Core.Jobs;

/// <summary>Which half of a duplex receptacle a landing feeds.</summary>
public enum DeviceHalf
{
    /// <summary>It has no halves.</summary>
    None,

    /// <summary>The upper.</summary>
    Upper,

    /// <summary>The lower.</summary>
    Lower,
}
