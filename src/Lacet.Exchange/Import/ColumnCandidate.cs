namespace Lacet.Exchange.Import;

/// <summary>What a column could hold.</summary>
/// <param name="Meaning">What it would hold.</param>
/// <param name="Score">How much speaks for it: heading and cells together; the greatest need not be chosen, as all
/// columns are chosen together.</param>
/// <param name="Why">What speaks for it, in words.</param>
public sealed record ColumnCandidate(ColumnMeaning Meaning, double Score, string Why);
