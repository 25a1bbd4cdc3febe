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

    /// <summary>Set aside, with a reason.</summary>
    Parked,

    /// <summary>To be cut back and made anew.</summary>
    Rejected,

    /// <summary>Looked at and left, or put right without loss.</summary>
    PutRight,

    /// <summary>Written down.</summary>
    Noted,

    /// <summary>Proved dead.</summary>
    Dead,

    /// <summary>Its bytes are not the ones that were received.</summary>
    Damaged,
}
