using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>The other lawful way to prepare the same end, which the house rules did not pick.</summary>
/// <param name="Kind">Its preparation.</param>
/// <param name="Strip">Its strip length.</param>
/// <param name="Text">What it would be, in one sentence.</param>
public sealed record Alternative(PreparationKind Kind, Window<Length> Strip, FormattableString Text)
{
    /// <summary>
    /// What to do for it, in order, where it differs from the recipe; empty where the sentence says all.
    /// </summary>
    public IReadOnlyList<Step> Steps { get; init; } = [];
}
