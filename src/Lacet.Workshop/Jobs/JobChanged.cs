namespace Lacet.Workshop.Jobs;

/// <summary>A job was changed, or something was recorded at it.</summary>
/// <param name="JobId">Which job.</param>
/// <param name="Sequence">Its last command.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Person">Who, by name.</param>
/// <param name="CommandId">The command; null where something was recorded.</param>
public sealed record JobChanged(Guid JobId, long Sequence, string Says, string Person, Guid? CommandId = null);
