namespace Lacet.Core.Drawings;

/// <summary>What a part of a drawing is. The painter gives each kind its look.</summary>
public enum PartKind
{
    /// <summary>Plastic round the wire.</summary>
    Insulation,

    /// <summary>Bare metal.</summary>
    Conductor,

    /// <summary>The line between two strands.</summary>
    Strand,

    /// <summary>Plastic collar of a ferrule.</summary>
    FerruleCollar,

    /// <summary>Metal tube of a ferrule.</summary>
    FerrulePin,

    /// <summary>A screw's head seen from the screwdriver; what is under it shines through.</summary>
    ScrewHead,

    /// <summary>The slot in a head.</summary>
    ScrewSlot,

    /// <summary>A screw's thread.</summary>
    ScrewThread,

    /// <summary>The metal plate under a screw, or the cage of a clamp.</summary>
    Plate,

    /// <summary>The moulded body of a block.</summary>
    Body,

    /// <summary>The opening that the wire goes into.</summary>
    Opening,

    /// <summary>Where the cut end may lie.</summary>
    StripWindow,

    /// <summary>Fault: bare metal that shows where it must not.</summary>
    BareShowing,

    /// <summary>Fault: insulation where metal belongs.</summary>
    InsulationCaught,

    /// <summary>An arrow that shows which way the hook lies.</summary>
    Direction,
}
