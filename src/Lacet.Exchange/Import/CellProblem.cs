namespace Lacet.Exchange.Import;

/// <summary>What is wrong with a cell.</summary>
/// <param name="Column">Which column; null where it is the whole row.</param>
/// <param name="Says">What would be right, in a sentence.</param>
public sealed record CellProblem(ColumnMeaning? Column, string Says);
