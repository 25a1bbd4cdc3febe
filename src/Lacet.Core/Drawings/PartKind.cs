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

    /// <summary>A spring that bites or presses.</summary>
    Spring,

    /// <summary>The lever of a clamp.</summary>
    Lever,

    /// <summary>A release that a blade presses.</summary>
    Release,

    /// <summary>A tool: where the blade goes in.</summary>
    Tool,

    /// <summary>A contact that cuts through insulation.</summary>
    Contact,

    /// <summary>A bridge between terminals: its bar and its prongs.</summary>
    Bridge,

    /// <summary>The metal of a ring, a lug, a tag or a plug's blade.</summary>
    LugMetal,

    /// <summary>A crimp pressed into a barrel.</summary>
    Crimp,

    /// <summary>The plastic sleeve of a ring or fork; what is in it shines through.</summary>
    Sleeve,

    /// <summary>A nut or a bolt's head.</summary>
    Nut,

    /// <summary>Solder; what is in it shines through.</summary>
    Solder,

    /// <summary>Where the cut end may lie.</summary>
    StripWindow,

    /// <summary>Fault: bare metal that shows where it must not.</summary>
    BareShowing,

    /// <summary>Fault: insulation where metal belongs.</summary>
    InsulationCaught,

    /// <summary>An arrow that shows which way the hook lies.</summary>
    Direction,

    /// <summary>A brass screw: for the hot.</summary>
    BrassScrew,

    /// <summary>A silver screw: for the neutral.</summary>
    SilverScrew,

    /// <summary>A green screw: for the earth.</summary>
    GreenScrew,

    /// <summary>An earth conductor: bare, or green and yellow.</summary>
    Earth,

    /// <summary>A strand that is cut off or nicked.</summary>
    LostStrand,

    /// <summary>Grease or sealant that keeps water out; what is in it shines through.</summary>
    Sealant,
}
