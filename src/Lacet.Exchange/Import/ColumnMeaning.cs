namespace Lacet.Exchange.Import;

/// <summary>What a column of a wire list holds.</summary>
public enum ColumnMeaning
{
    /// <summary>Nothing that is read.</summary>
    Note,

    /// <summary>A remark, a drawing's line, a cross-reference: known, and of no use to a wire.</summary>
    Remark,

    /// <summary>The wire's number or name.</summary>
    Wire,

    /// <summary>Where end A lands: device and terminal in one.</summary>
    From,

    /// <summary>The device of end A.</summary>
    FromDevice,

    /// <summary>The terminal of end A, on its device.</summary>
    FromTerminal,

    /// <summary>The enclosure of end A.</summary>
    FromEnclosure,

    /// <summary>What the landing of end A is.</summary>
    FromLanding,

    /// <summary>Where end B lands: device and terminal in one.</summary>
    To,

    /// <summary>The device of end B.</summary>
    ToDevice,

    /// <summary>The terminal of end B, on its device.</summary>
    ToTerminal,

    /// <summary>The enclosure of end B.</summary>
    ToEnclosure,

    /// <summary>What the landing of end B is.</summary>
    ToLanding,

    /// <summary>The size, in whatever system.</summary>
    Size,

    /// <summary>The size with what else the conductor is: colour, type, letters.</summary>
    Conductor,

    /// <summary>The size in AWG.</summary>
    Awg,

    /// <summary>The size in mm².</summary>
    Mm2,

    /// <summary>Solid or stranded, copper or aluminium.</summary>
    Build,

    /// <summary>The insulation's colour.</summary>
    Colour,

    /// <summary>What it is for.</summary>
    Function,

    /// <summary>The circuit.</summary>
    Circuit,

    /// <summary>The circuit's breaker, A.</summary>
    Breaker,

    /// <summary>The circuit's voltage, V.</summary>
    Volts,

    /// <summary>The circuit's load, A.</summary>
    Load,

    /// <summary>The length, with its unit in the cell, or in m.</summary>
    Length,

    /// <summary>The length in ft.</summary>
    LengthFt,

    /// <summary>The length in m.</summary>
    LengthM,

    /// <summary>The length in cm.</summary>
    LengthCm,

    /// <summary>The length in inches.</summary>
    LengthIn,

    /// <summary>The length in mm.</summary>
    LengthMm,

    /// <summary>The raceway that it runs in.</summary>
    Run,

    /// <summary>The cable or cord that it is a conductor of.</summary>
    Cable,

    /// <summary>The ferrule at both ends: a size, or none.</summary>
    Ferrule,
}
