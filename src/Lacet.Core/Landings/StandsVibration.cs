namespace Lacet.Core.Landings;

/// <summary>How a landing stands vibration.</summary>
public enum StandsVibration
{
    /// <summary>Needs nothing more.</summary>
    Holds,

    /// <summary>Holds where its screw is kept from turning.</summary>
    Locks,

    /// <summary>Works loose, or breaks.</summary>
    Loosens,
}
