using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Exchange.Jobs;

/// <summary>The connector of a splice, as it is written.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="LeastCount">Fewest conductors.</param>
/// <param name="MostCount">Most conductors.</param>
/// <param name="LeastMm2">Smallest area, mm²: of each conductor where each has a port of its own, of all together
/// otherwise.</param>
/// <param name="MostMm2">Largest area, mm², of the same.</param>
/// <param name="TakesBothMetals">Whether it is listed for copper with aluminium.</param>
public sealed record SpliceConnectorDocument(
    string Name,
    int LeastCount,
    int MostCount,
    double LeastMm2,
    double MostMm2,
    bool TakesBothMetals = false
)
{
    /// <summary>
    /// What holds: lever, twist-on, push-in, crimp-sleeve-tube, sealed-twist-on, solder or none; lever where nobody
    /// said.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public ConnectorKind Kind { get; init; }

    /// <summary>The strip length on its sheet, mm.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? StripMm { get; init; }

    /// <summary>Whether it is listed for wet places, whatever its kind.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool ListedWet { get; init; }

    /// <summary>The combinations on its sheet; where there are any, it is good for these and no others.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<CombinationDocument>? Combinations { get; init; }

    /// <summary>Writes a connector.</summary>
    public static SpliceConnectorDocument Of(SpliceConnector connector) =>
        new(
            connector.Name,
            connector.LeastCount,
            connector.MostCount,
            connector.LeastMm2,
            connector.MostMm2,
            connector.TakesBothMetals
        )
        {
            Kind = connector.Kind,
            StripMm = connector.Strip?.Millimetres,
            ListedWet = connector.IsListedWet,
            Combinations =
                connector.Combinations.Count == 0
                    ? null
                    :
                    [
                        .. connector.Combinations.Select(c => new CombinationDocument([
                            .. c.Select(s => new CountedSizeDocument(s.Count, s.Size.Name)),
                        ])),
                    ],
        };

    /// <summary>
    /// The connector; throws <see cref="ImpossibleInputException"/> where a size of a combination is none.
    /// </summary>
    public SpliceConnector Read() =>
        new(Name, LeastCount, MostCount, LeastMm2, MostMm2, TakesBothMetals)
        {
            Kind = Kind,
            Strip = StripMm is { } mm ? new Length(mm) : null,
            IsListedWet = ListedWet,
            Combinations = [.. (Combinations ?? []).Select(c => c.Read())],
        };
}

/// <summary>A combination on a connector’s sheet: conductors of one size, or of several.</summary>
/// <param name="Of">How many of each size.</param>
public sealed record CombinationDocument(IReadOnlyList<CountedSizeDocument> Of)
{
    /// <summary>The combination.</summary>
    public IReadOnlyList<CountedSize> Read() => [.. Of.Select(s => s.Read("connector.combinations"))];
}

/// <summary>So many conductors of a size.</summary>
/// <param name="Count">How many.</param>
/// <param name="Size">As people write it.</param>
public sealed record CountedSizeDocument(int Count, string Size)
{
    /// <summary>Read; a size that is none is told under the field’s name.</summary>
    public CountedSize Read(string field) => new(Count, ConductorSize.Parse(Size, field));
}
