namespace Lacet.Store;

/// <summary>A name that was only typed, before there were accounts.</summary>
public sealed record TypedNameRow
{
    /// <summary>Under which its events stand.</summary>
    public required Guid Id { get; init; }

    /// <summary>The name.</summary>
    public required string Name { get; init; }

    /// <summary>Whom a lead said that it is; null where nobody did.</summary>
    public Guid? Person { get; init; }
}
