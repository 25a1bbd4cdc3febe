namespace Lacet.Store;

/// <summary>A person.</summary>
public sealed record PersonRow
{
    /// <summary>Stable id.</summary>
    public required Guid Id { get; init; }

    /// <summary>The name as typed.</summary>
    public required string Name { get; init; }

    /// <summary>Whether somebody vouched for it; a typed name is not proved.</summary>
    public required bool Proved { get; init; }

    /// <summary>Salt of the digests in events.</summary>
    public required byte[] Salt { get; init; }
}
