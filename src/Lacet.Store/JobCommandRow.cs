namespace Lacet.Store;

/// <summary>A command as it lies in the table.</summary>
public sealed record JobCommandRow
{
    /// <summary>Its id.</summary>
    public required Guid Id { get; init; }

    /// <summary>Its place in the job, from 1.</summary>
    public required long Sequence { get; init; }

    /// <summary>Who, by name.</summary>
    public required string Person { get; init; }

    /// <summary>When.</summary>
    public required DateTimeOffset At { get; init; }

    /// <summary>What it did, in a line.</summary>
    public required string Says { get; init; }

    /// <summary>The command that it undid.</summary>
    public Guid? Undoes { get; init; }

    /// <summary>Whether another undid it.</summary>
    public required bool Undone { get; init; }

    /// <summary>How many parts it changed.</summary>
    public required int Parts { get; init; }
}
