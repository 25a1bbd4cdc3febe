namespace Lacet.Store;

/// <summary>A change of one part of a job.</summary>
/// <param name="Id">The part's id.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Body">How it is to be; null takes it out.</param>
/// <param name="Version">The version that was seen, 0 for one that is not there yet.</param>
public sealed record JobEdit(Guid Id, string Kind, string? Body, long Version);
