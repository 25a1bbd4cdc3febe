namespace Lacet.Store;

/// <summary>A part of a job as it lies in the table.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Body">Its data as JSON.</param>
/// <param name="Version">Counts its changes, from 1.</param>
public sealed record JobPartRow(Guid Id, string Kind, string Body, long Version);
