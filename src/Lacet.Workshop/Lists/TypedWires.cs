namespace Lacet.Workshop.Lists;

/// <summary>Rows as somebody types or pastes them into the list.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Rows">The rows.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
public sealed record TypedWires(Guid Id, IReadOnlyList<TypedWire> Rows, string Enclosure = "Panel");
