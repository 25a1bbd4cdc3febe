namespace Lacet.Core.DeadChecks;

/// <summary>What an instrument showed between two points, or from one to earth.</summary>
/// <param name="From">A landing.</param>
/// <param name="To">Another; null for earth.</param>
/// <param name="Volts">V; null where a tester showed nothing at all.</param>
public sealed record DeadReading(Guid From, Guid? To, double? Volts)
{
    /// <summary>
    /// Up to so many V is an instrument’s own noise (common practice). More is a source, or is induced by a neighbour;
    /// which of them is found out before a hand goes in.
    /// </summary>
    public const double MostVolts = 3;

    /// <summary>Whether it is dead between them.</summary>
    public bool IsDead() => Volts is null || Math.Abs(Volts.Value) <= MostVolts;

    /// <summary>Whether it is the same pair, whichever way round.</summary>
    public bool IsBetween(Guid one, Guid? other) => (From == one && To == other) || (To == one && From == other);
}
