using Lacet.Core.Hooks;

namespace Lacet.Core.Recipes;

/// <summary>The preparation, with the bend where there is one.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Hook">The hook, clockwise as the screwdriver sees it; null for the other kinds.</param>
public sealed record Preparation(PreparationKind Kind, HookGeometry? Hook);
