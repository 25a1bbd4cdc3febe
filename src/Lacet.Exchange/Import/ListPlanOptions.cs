namespace Lacet.Exchange.Import;

/// <summary>What somebody says of a list as a whole.</summary>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
/// <param name="Drawing">The drawing that the list was made from.</param>
/// <param name="Revision">That drawing's revision.</param>
/// <param name="Replaces">Whether wires of the list's enclosures that are not in it are taken out.</param>
public sealed record ListPlanOptions(
    string Enclosure = "Panel",
    string? Drawing = null,
    string? Revision = null,
    bool Replaces = false
);
