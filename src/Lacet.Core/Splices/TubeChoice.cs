using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>The sealed tube of a crimped joint, and the sleeve in it.</summary>
/// <param name="IsLarge">The larger tube and sleeve; otherwise the small.</param>
public sealed record TubeChoice(bool IsLarge)
{
    /// <summary>So many conductors go into the small tube; more take the larger (common practice).</summary>
    public const int MostInSmall = 4;

    /// <summary>
    /// Grease leaves so much free under the tube's top, so that it does not well over as the joint goes in (common
    /// practice).
    /// </summary>
    public static readonly Length GreaseFree = Length.FromInches(3.0 / 8);

    /// <summary>The tube for so many conductors.</summary>
    public static TubeChoice For(int conductors) => new(conductors > MostInSmall);

    /// <summary>Which, in a few words.</summary>
    public string Says => IsLarge ? "the larger tube and sleeve" : "the small tube and sleeve";
}
