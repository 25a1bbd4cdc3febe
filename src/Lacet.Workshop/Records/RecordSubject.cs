using Lacet.Core.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>An end of a job.</summary>
/// <param name="JobId">The job.</param>
/// <param name="WireId">The wire.</param>
/// <param name="Side">Which of its ends.</param>
public sealed record RecordSubject(Guid JobId, Guid WireId, EndSide Side);
