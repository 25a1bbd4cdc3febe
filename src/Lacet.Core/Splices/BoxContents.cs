using Lacet.Core.Conductors;

namespace Lacet.Core.Splices;

/// <summary>What is in a box.</summary>
/// <param name="Conductors"> Each conductor that comes from outside and ends or is spliced in the box; one that runs
/// through unbroken counts once. Pigtails, which begin and end in the box, are not among them. </param>
/// <param name="Earths">Earth conductors, bonding jumpers too.</param>
public sealed record BoxContents(IReadOnlyList<CountedSize> Conductors, IReadOnlyList<CountedSize> Earths)
{
    /// <summary>Whether cable clamps are inside the box.</summary>
    public bool InnerClamps { get; init; }

    /// <summary>Studs of fixtures: however many, they count as one kind of fitting.</summary>
    public int Studs { get; init; }

    /// <summary>Hickeys of fixtures: another kind.</summary>
    public int Hickeys { get; init; }

    /// <summary>For each yoke that holds devices, the largest conductor that lands on it.</summary>
    public IReadOnlyList<ConductorSize> Yokes { get; init; } = [];

    /// <summary>Pigtails that begin and end in the box: they count nothing, and are told.</summary>
    public int Pigtails { get; init; }
}
