namespace Lacet.Workshop.Lists;

/// <summary>A wire in one line.</summary>
/// <param name="Id">Made by the client, so that sending twice adds once.</param>
/// <param name="Line">The line: its name, where it goes, and what else is said of it.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
public sealed record TypedLine(Guid Id, string Line, string Enclosure = "Panel");
