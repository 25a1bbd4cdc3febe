using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>The connector of a splice, as its sheet has it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="LeastCount">Fewest conductors.</param>
/// <param name="MostCount">Most conductors.</param>
/// <param name="LeastMm2">Smallest area, mm²: of each conductor where each has a port of its own, of all together
/// otherwise.</param>
/// <param name="MostMm2">Largest area, mm², of the same.</param>
/// <param name="TakesBothMetals">Whether it is listed for copper with aluminium.</param>
public sealed record SpliceConnector(
    string Name,
    int LeastCount,
    int MostCount,
    double LeastMm2,
    double MostMm2,
    bool TakesBothMetals = false
)
{
    /// <summary>What holds.</summary>
    public ConnectorKind Kind { get; init; }

    /// <summary>The strip length on its sheet; null where that is not known.</summary>
    public Length? Strip { get; init; }

    /// <summary>Whether it is sealed by itself and listed for wet places, whatever its kind.</summary>
    public bool IsListedWet { get; init; }

    /// <summary>
    /// The combinations on its sheet: it is good for these and no others. Empty where only least and most are given.
    /// </summary>
    public IReadOnlyList<IReadOnlyList<CountedSize>> Combinations { get; init; } = [];

    /// <summary>Whether all conductors are held together, and so judged by their area together.</summary>
    public bool HoldsTheBundle =>
        Kind is ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn or ConnectorKind.CrimpSleeveTube;

    /// <summary>Whether water stays out of it.</summary>
    public bool IsSealed => IsListedWet || Kind is ConnectorKind.CrimpSleeveTube or ConnectorKind.SealedTwistOn;

    /// <summary>Whether it can be opened and closed again as it was.</summary>
    public bool OpensAgain => Kind is ConnectorKind.Lever or ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn;

    /// <summary>A kind as one says it.</summary>
    public static string Say(ConnectorKind kind) =>
        kind switch
        {
            ConnectorKind.Lever => "lever connector",
            ConnectorKind.TwistOn => "twist-on connector",
            ConnectorKind.PushIn => "push-in connector",
            ConnectorKind.CrimpSleeveTube => "crimp sleeve in a sealed tube",
            ConnectorKind.SealedTwistOn => "twist-on connector with sealant",
            ConnectorKind.Solder => "solder and tape",
            _ => "nothing but a twist",
        };

    /// <summary>The same data, its combinations in the same order.</summary>
    public bool Equals(SpliceConnector? other) =>
        other is not null
        && (Name, LeastCount, MostCount, LeastMm2, MostMm2, TakesBothMetals, Kind)
            == (
                other.Name,
                other.LeastCount,
                other.MostCount,
                other.LeastMm2,
                other.MostMm2,
                other.TakesBothMetals,
                other.Kind
            )
        && (Strip, IsListedWet) == (other.Strip, other.IsListedWet)
        && Combinations.Count == other.Combinations.Count
        && Combinations.Zip(other.Combinations).All(pair => pair.First.SequenceEqual(pair.Second));

    /// <inheritdoc/>
    public override int GetHashCode() =>
        HashCode.Combine(Name, LeastCount, MostCount, LeastMm2, MostMm2, Kind, Combinations.Count);

    /// <summary>
    /// Throws <see cref="ImpossibleInputException"/> with the field where it cannot be; <paramref name="within"/> is
    /// where the connector stands, where that is not all there is.
    /// </summary>
    public SpliceConnector Checked(string? within = null)
    {
        Hold(Name.Trim().Length is > 0 and <= 100, "name", "A connector needs a name, in 1 to 100 characters.");
        Hold(
            LeastCount >= 1 && LeastCount <= MostCount && MostCount <= 100,
            "mostCount",
            "A connector takes from 1 to 100 conductors, the fewest first."
        );
        Hold(
            LeastMm2 > 0 && LeastMm2 <= MostMm2 && MostMm2 <= 1000,
            "mostMm2",
            "A connector takes up to 1000 mm², the least first."
        );
        Hold(Strip is null or { Millimetres: >= 3 and <= 100 }, "stripMm", "A strip length is from 3 to 100 mm.");
        Hold(
            Combinations.Count <= 200
                && Combinations.All(c => c.Count is > 0 and <= 12 && c.All(s => s.Count is >= 1 and <= 100)),
            "combinations",
            "A combination has from 1 to 12 sizes, and from 1 to 100 conductors of each."
        );
        return this;

        void Hold(bool holds, string name, string says)
        {
            if (!holds)
            {
                throw new ImpossibleInputException(within is null ? name : $"{within}.{name}", says);
            }
        }
    }
}
