namespace Lacet.Core.Records;

/// <summary>How far an end of a job is.</summary>
public enum EndState
{
    /// <summary>In the plan; something of it is not known.</summary>
    Planned,

    /// <summary>Wire and landing are known, and nothing stops it.</summary>
    Ready,

    /// <summary>Recorded as landed.</summary>
    Landed,

    /// <summary>Looked at and tugged.</summary>
    Checked,

    /// <summary>Signed for by another.</summary>
    Signed,

    /// <summary>Set aside, with a reason.</summary>
    Parked,

    /// <summary>To be cut back and made anew.</summary>
    Rejected,
}
