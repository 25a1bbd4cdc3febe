namespace Lacet.Exchange.Import;

/// <summary>What a heading speaks for.</summary>
/// <param name="Meaning">What the column would hold.</param>
/// <param name="Score">How clearly, up to <see cref="Headings.Exact"/>.</param>
/// <param name="Language">In which language; null where it only looks like a word.</param>
internal readonly record struct HeadingGuess(ColumnMeaning Meaning, double Score, string? Language);
