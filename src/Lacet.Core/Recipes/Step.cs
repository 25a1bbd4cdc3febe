namespace Lacet.Core.Recipes;

/// <summary>One thing to do.</summary>
/// <param name="Id">Stable, since batches and records point at it.</param>
/// <param name="Operation">What the hands do.</param>
/// <param name="Text">What to do, in the imperative.</param>
/// <param name="HoldPoint">What must be true before the next step; null where nothing must.</param>
public sealed record Step(string Id, Operation Operation, FormattableString Text, FormattableString? HoldPoint);
