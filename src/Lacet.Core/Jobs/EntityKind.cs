namespace Lacet.Core.Jobs;

/// <summary>The parts of a job.</summary>
public enum EntityKind
{
    /// <summary>The job's own name and house rules.</summary>
    Title,

    /// <summary>A panel, box, device plate or machine.</summary>
    Enclosure,

    /// <summary>A device with several landings.</summary>
    Device,

    /// <summary>Where an end goes.</summary>
    Landing,

    /// <summary>A circuit with its breaker.</summary>
    Circuit,

    /// <summary>A wire with two ends.</summary>
    Wire,

    /// <summary>A finding that somebody accepted.</summary>
    Acceptance,

    /// <summary>A cord that was looked over.</summary>
    Cord,

    /// <summary>A connector’s pins and the machine’s terminals.</summary>
    PinMap,

    /// <summary>Metal that joins terminals without a wire.</summary>
    Bridge,

    /// <summary>A cable or cord that wires are the conductors of.</summary>
    Cable,
}
