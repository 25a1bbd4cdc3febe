namespace Lacet.Core.Ferrules;

/// <summary>The plastic collar of a ferrule.</summary>
public enum Collar
{
    /// <summary>The usual bore for the size.</summary>
    Standard,

    /// <summary>The large-collar type of the same size, for thick insulation.</summary>
    Large,

    /// <summary>A bare sleeve.</summary>
    None,
}
