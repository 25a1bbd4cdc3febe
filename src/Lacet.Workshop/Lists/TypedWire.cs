namespace Lacet.Workshop.Lists;

/// <summary>
/// A row as it is typed: each cell is read as the import reads it; null leaves the cell as it is, "" empties it.
/// </summary>
/// <param name="WireId">The wire that is changed; null for a new one.</param>
/// <param name="Version">The version that was seen; null for a new one.</param>
public sealed record TypedWire(
    Guid? WireId = null,
    long? Version = null,
    string? Name = null,
    string? From = null,
    string? FromLanding = null,
    string? To = null,
    string? ToLanding = null,
    string? Size = null,
    string? Type = null,
    string? Colour = null,
    string? Function = null,
    string? Circuit = null,
    string? Length = null,
    string? Run = null
);
