namespace Lacet.Store;

/// <summary>A thing on the Shelf as it is stored.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Code">Its code, unique within the kind.</param>
/// <param name="Body">Its data, JSON.</param>
/// <param name="Words">What it is found by.</param>
/// <param name="Version">Counts its changes, from 1.</param>
public sealed record ShelfItemRow(Guid Id, string Kind, string Code, string Body, string Words, long Version);
