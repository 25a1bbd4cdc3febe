namespace Lacet.Exchange.Shelf;

/// <summary>A column of a Shelf table.</summary>
/// <param name="Name">Its heading.</param>
/// <param name="Path">Where its value lies in the JSON of an item, members parted by dots.</param>
/// <param name="Form">What its cells hold.</param>
/// <param name="Words">The words that a cell of words may hold.</param>
public sealed record ShelfColumn(string Name, string Path, ShelfCell Form, IReadOnlyList<string>? Words = null);
