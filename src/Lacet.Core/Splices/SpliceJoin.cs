using Lacet.Core.Conductors;

namespace Lacet.Core.Splices;

/// <summary>Ends that are to be joined.</summary>
/// <param name="Conductors">The ends.</param>
/// <param name="Connector">What joins them.</param>
/// <param name="Place">Where.</param>
public sealed record SpliceJoin(IReadOnlyList<Conductor> Conductors, SpliceConnector Connector, SplicePlace Place)
{
    /// <summary>Whether it is in a flexible cord.</summary>
    public bool InCord { get; init; }

    /// <summary>
    /// Whether that cord is hard-service or junior hard-service, the only kinds that may be repaired.
    /// </summary>
    public bool HardService { get; init; }

    /// <summary>Which conductor of a flat twin cable each end is, in the same order; empty where nobody said.</summary>
    public IReadOnlyList<CableSide> Sides { get; init; } = [];

    /// <summary>Whether it carries an earth.</summary>
    public bool IsEarth { get; init; }
}
