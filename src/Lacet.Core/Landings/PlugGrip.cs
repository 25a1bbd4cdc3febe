namespace Lacet.Core.Landings;

/// <summary>How a plug's screw holds the conductor.</summary>
public enum PlugGrip
{
    /// <summary>Round the screw, under its head.</summary>
    Hook,

    /// <summary>Straight, under a plate.</summary>
    Clamp,
}
