namespace Lacet.Core.Jobs;

/// <summary>How an existing device is found wired.</summary>
public enum SurveyWiring
{
    /// <summary>Hooks under its side screws.</summary>
    SideScrew,

    /// <summary>Straight ends under its clamp plates.</summary>
    Clamp,

    /// <summary>Spring holes in its back.</summary>
    BackStab,

    /// <summary>Levers.</summary>
    Lever,
}
