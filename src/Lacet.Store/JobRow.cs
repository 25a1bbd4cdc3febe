namespace Lacet.Store;

/// <summary>A job in a list.</summary>
public sealed record JobRow
{
    /// <summary>Its id.</summary>
    public required Guid Id { get; init; }

    /// <summary>What its card shows, as JSON.</summary>
    public required string Summary { get; init; }

    /// <summary>When it was last changed.</summary>
    public required DateTimeOffset ChangedAt { get; init; }

    /// <summary>Who did it, by name; empty where nobody has.</summary>
    public required string ChangedBy { get; init; }
}
