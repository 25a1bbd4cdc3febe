namespace Lacet.Store;

/// <summary>An event as it lies in the table.</summary>
public sealed record StoredEvent
{
    /// <summary>Its place in the chain.</summary>
    public required long Sequence { get; init; }

    /// <summary>The exact bytes.</summary>
    public required byte[] Bytes { get; init; }

    /// <summary>Their hash.</summary>
    public required string Hash { get; init; }

    /// <summary>Whether a later event takes it back.</summary>
    public required bool Withdrawn { get; init; }
}
