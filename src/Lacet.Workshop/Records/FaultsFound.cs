using Lacet.Core.Landings;

namespace Lacet.Workshop.Records;

/// <summary>What is wrong with an end that was made.</summary>
/// <param name="Faults">What is wrong; may be empty where strands are lost.</param>
/// <param name="Strands">How many strands there are, counted; null for as many as such a wire usually has.</param>
/// <param name="Damaged">How many of them are nicked or cut off.</param>
public sealed record FaultsFound(IReadOnlyList<Fault>? Faults = null, int? Strands = null, int Damaged = 0)
{
    /// <summary>The core’s shape.</summary>
    public AsMade Read() =>
        (Faults ?? []).Aggregate(new AsMade(null, null) { Strands = Strands, StrandsLost = Damaged }, (made, fault) =>
            made.With(fault)
        );
}
