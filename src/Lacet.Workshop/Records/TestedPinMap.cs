namespace Lacet.Workshop.Records;

/// <summary>A pin map of a job.</summary>
/// <param name="JobId">The job.</param>
/// <param name="PinMapId">The map.</param>
public sealed record TestedPinMap(Guid JobId, Guid PinMapId);
