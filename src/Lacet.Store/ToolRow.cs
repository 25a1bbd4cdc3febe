namespace Lacet.Store;

/// <summary>A tool that a lead paired.</summary>
public sealed record ToolRow
{
    /// <summary>Which pairing; it opens nothing.</summary>
    public required Guid Id { get; init; }

    /// <summary>What people call it.</summary>
    public required string Name { get; init; }

    /// <summary>Whether it only stands in for a tool.</summary>
    public required bool StandIn { get; init; }

    /// <summary>What it said of itself when it first came; null where it never came.</summary>
    public string? Serial { get; init; }

    /// <summary>Who paired it.</summary>
    public required Guid PairedBy { get; init; }

    /// <summary>When.</summary>
    public required DateTimeOffset PairedAt { get; init; }
}
