namespace Lacet.Core.Records;

/// <summary>The state of a recorded termination, folded from its events.</summary>
public enum RecordState
{
    /// <summary>Recorded, everything given lies in its window.</summary>
    Landed,

    /// <summary>Recorded, and something is to be put right.</summary>
    Wanting,

    /// <summary>Taken back by a later event.</summary>
    Withdrawn,

    /// <summary>Looked at and tugged.</summary>
    Checked,

    /// <summary>Signed for.</summary>
    Signed,
}
