using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>A conductor of a cord with what it is for.</summary>
/// <param name="Role">What it is for, by what is seen.</param>
/// <param name="Certainty">How sure that is.</param>
/// <param name="Cues">What each cue says, with where that is from.</param>
/// <param name="Misleads">What may mislead about it.</param>
public sealed record IdentifiedConductor(
    CordRole Role,
    Certainty Certainty,
    IReadOnlyList<IdentityReason> Cues,
    IReadOnlyList<Term> Misleads
)
{
    /// <summary>The colour that its insulation has most of, as it is drawn; null where nobody said.</summary>
    public Hue? Hue { get; init; }

    /// <summary>Its stripe; null where it has none.</summary>
    public Hue? Stripe { get; init; }
}
