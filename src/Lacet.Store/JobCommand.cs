namespace Lacet.Store;

/// <summary>A change of a job, all or nothing.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Job">Which job.</param>
/// <param name="Person">Who.</param>
/// <param name="Says">What it does, in a line.</param>
/// <param name="Edits">The changes.</param>
/// <param name="Undoes">The command that it undoes; null where it undoes none.</param>
/// <param name="Kind">What kind of change it is.</param>
public sealed record JobCommand(
    Guid Id,
    Guid Job,
    Guid Person,
    string Says,
    IReadOnlyList<JobEdit> Edits,
    Guid? Undoes = null,
    CommandKind Kind = CommandKind.Change
);
