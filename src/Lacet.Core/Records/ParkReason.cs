namespace Lacet.Core.Records;

/// <summary>Why an end is set aside.</summary>
public enum ParkReason
{
    /// <summary>A part or a tool is missing.</summary>
    WaitsForPart,

    /// <summary>Somebody else must do something first.</summary>
    WaitsForOther,

    /// <summary>It cannot be reached.</summary>
    NoAccess,

    /// <summary>The plan is not clear.</summary>
    Unclear,

    /// <summary>It cannot be made dead now.</summary>
    NotDead,
}
