using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>
/// What a command changes, worked out on the open job, with its gate held; and what it does, in a line.
/// </summary>
public delegate (string Says, IReadOnlyList<PartChange> Changes) PlanChange(JobSession job);

/// <summary>A command that is to be planned and stored.</summary>
/// <param name="Job">Of which job.</param>
/// <param name="Id">Made by the client.</param>
/// <param name="Person">Who.</param>
/// <param name="Plan">What it changes.</param>
/// <param name="Undoes">The command that it undoes; null for none.</param>
/// <param name="Kind">What kind of change it is.</param>
internal sealed record PlannedCommand(
    Guid Job,
    Guid Id,
    Guid Person,
    PlanChange Plan,
    Guid? Undoes = null,
    CommandKind Kind = CommandKind.Change
);
