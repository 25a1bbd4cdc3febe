namespace Lacet.Core.Checks;

/// <summary>What a check looks at as a whole, and what its finding is about.</summary>
public enum CheckScope
{
    /// <summary>One end.</summary>
    End,

    /// <summary>A landing with all its ends.</summary>
    Landing,

    /// <summary>A wire with both its ends.</summary>
    Wire,

    /// <summary>A device with all its landings.</summary>
    Device,

    /// <summary>A circuit with all its wires.</summary>
    Circuit,

    /// <summary>All wires that run together in a raceway.</summary>
    Run,

    /// <summary>An enclosure with all that is in it.</summary>
    Enclosure,

    /// <summary>A cord that was looked over.</summary>
    Cord,

    /// <summary>A pin map with all its pins.</summary>
    PinMap,

    /// <summary>A cable or cord with all its conductors.</summary>
    Cable,
}
