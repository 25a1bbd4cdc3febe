using Lacet.Core.Records;

namespace Lacet.Store;

/// <summary>An event as it lies in the table.</summary>
public sealed record StoredEvent
{
    /// <summary>Its id.</summary>
    public required Guid Id { get; init; }

    /// <summary>Its place in the chain.</summary>
    public required long Sequence { get; init; }

    /// <summary>The exact bytes.</summary>
    public required byte[] Bytes { get; init; }

    /// <summary>Their hash.</summary>
    public required string Hash { get; init; }

    /// <summary>Whether a later event takes it back.</summary>
    public required bool Withdrawn { get; init; }

    /// <summary>Whether its bytes are the ones that were sealed.</summary>
    public bool IsIntact => string.Equals(Seal.Of(Bytes), Hash, StringComparison.Ordinal);
}
