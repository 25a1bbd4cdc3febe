namespace Lacet.Exchange.Shelf;

/// <summary>What is wrong with a row.</summary>
/// <param name="Column">In which column; null where it is the whole row.</param>
/// <param name="Says">What would be right, in a sentence.</param>
public sealed record ShelfProblem(string? Column, string Says);
