namespace Lacet.Store;

/// <summary>A screen that several people share.</summary>
public sealed record TabletRow
{
    /// <summary>What it is called where tablets are listed; it opens nothing.</summary>
    public required Guid Id { get; init; }

    /// <summary>What people call it.</summary>
    public required string Name { get; init; }

    /// <summary>Who paired it.</summary>
    public required Guid PairedBy { get; init; }

    /// <summary>When.</summary>
    public required DateTimeOffset PairedAt { get; init; }
}
