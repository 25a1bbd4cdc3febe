using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Rework;

/// <summary>An end as it was made, with what is wrong with it.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="Faults">What is wrong with it.</param>
/// <param name="Class">How many strands may be lost.</param>
public sealed record SpoiledEnd(Conductor Conductor, IReadOnlyCollection<Fault> Faults, StrandLoss Class)
{
    /// <summary>How many strands there are, counted; null for as many as such a wire usually has.</summary>
    public int? Strands { get; init; }

    /// <summary>How many of them are nicked or cut off.</summary>
    public int Damaged { get; init; }

    /// <summary>Whether it is in a lug, which allows no lost strand.</summary>
    public bool InLug { get; init; }

    /// <summary>What the end strips when it is made anew; null where nobody said.</summary>
    public Length? Strip { get; init; }

    /// <summary>How much wire is free, from where it leaves its raceway or sheath; null where nobody measured.</summary>
    public Length? Free { get; init; }

    /// <summary>How far it reaches past the opening; null where nobody measured.</summary>
    public Length? PastOpening { get; init; }

    /// <summary>The opening's smallest dimension; null where nobody said.</summary>
    public Length? Opening { get; init; }
}
