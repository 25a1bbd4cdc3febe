namespace Lacet.Store;

/// <summary>A command as it lies in the table.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Sequence">Its place in the job, from 1.</param>
/// <param name="Person">Who, by name.</param>
/// <param name="At">When.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Undoes">The command that it undid.</param>
/// <param name="Undone">Whether another undid it.</param>
/// <param name="Parts">How many parts it changed.</param>
public sealed record JobCommandRow(
    Guid Id,
    long Sequence,
    string Person,
    DateTimeOffset At,
    string Says,
    Guid? Undoes,
    bool Undone,
    int Parts
);
