namespace Lacet.Exchange.Import;

/// <summary>A column of a wire list.</summary>
/// <param name="Index">Its place, from 0.</param>
/// <param name="Heading">What stands above it.</param>
/// <param name="Meaning">What it holds.</param>
/// <param name="Sure">Whether the heading is one that is known; otherwise it only looks like one, and is to be
/// confirmed.</param>
public sealed record ListColumn(int Index, string Heading, ColumnMeaning Meaning, bool Sure);
