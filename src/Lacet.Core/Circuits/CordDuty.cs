namespace Lacet.Core.Circuits;

/// <summary>What a cord is put through: the three classes that NEC table 400.4 and EN 50525 both have.</summary>
public enum CordDuty
{
    /// <summary>Hardly moved: not hard usage, light duty.</summary>
    Light,

    /// <summary>Moved about: hard usage (junior hard service), ordinary duty.</summary>
    Ordinary,

    /// <summary>Dragged, stepped on, oil: extra-hard usage, heavy duty.</summary>
    Heavy,
}
