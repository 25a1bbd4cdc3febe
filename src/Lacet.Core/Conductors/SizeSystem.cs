namespace Lacet.Core.Conductors;

/// <summary>The system that a size is named in.</summary>
public enum SizeSystem
{
    /// <summary>American wire gauge.</summary>
    Awg,

    /// <summary>Thousands of circular mils.</summary>
    Kcmil,

    /// <summary>Nominal mm² (IEC 60228).</summary>
    Metric,
}
