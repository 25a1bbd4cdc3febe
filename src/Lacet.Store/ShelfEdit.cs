namespace Lacet.Store;

/// <summary>One change to the Shelf that is asked for.</summary>
/// <param name="Id">Which item; null for whatever has that kind and code, or a new one.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Code">Its code.</param>
/// <param name="Body">Its new data; null to take it off the Shelf.</param>
/// <param name="Words">What it is found by.</param>
/// <param name="Version">The version that was seen; null where it does not matter.</param>
public sealed record ShelfEdit(Guid? Id, string Kind, string Code, string? Body, string Words, long? Version = null);
