namespace Lacet.Core.Landings;

/// <summary>The series by which collars are coloured. The colour says size only, and differs between series.</summary>
public enum FerruleColours
{
    /// <summary>DIN 46228-4.</summary>
    Din46228,

    /// <summary>French practice.</summary>
    French,

    /// <summary>The other common series.</summary>
    Other,
}
