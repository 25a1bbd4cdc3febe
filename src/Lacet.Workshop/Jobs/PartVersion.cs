namespace Lacet.Workshop.Jobs;

/// <summary>A part and its version; 0 where it was taken out.</summary>
public sealed record PartVersion(Guid Id, long Version);
