using System.Text.Json.Serialization;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Shelf;

/// <summary>A connector for splices.</summary>
public sealed record ConnectorItem : ShelfItemDocument
{
    /// <summary>Fewest conductors.</summary>
    public int LeastCount { get; init; } = 2;

    /// <summary>Most conductors.</summary>
    public int MostCount { get; init; } = 2;

    /// <summary>Smallest conductor, mm².</summary>
    public double LeastMm2 { get; init; }

    /// <summary>Largest conductor, mm².</summary>
    public double MostMm2 { get; init; }

    /// <summary>Strip length, mm.</summary>
    public double StripMm { get; init; }

    /// <summary>Whether it is sealed, and listed for wet places.</summary>
    public bool Sealed { get; init; }

    /// <summary>
    /// What holds: lever, twist-on, push-in, crimp-sleeve-tube or sealed-twist-on; lever where nobody said.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public ConnectorKind Type { get; init; }

    /// <summary>Whether it is listed for copper with aluminium.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool BothMetals { get; init; }

    /// <summary>
    /// The combinations on its sheet; where there are any, it is good for these and no others. Not in CSV.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<CombinationDocument>? Combinations { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "connector";

    /// <summary>As the crafts know it.</summary>
    public SpliceConnector Read() =>
        new(Name, LeastCount, MostCount, LeastMm2, MostMm2, BothMetals)
        {
            Kind = Type,
            // A typical value is no sheet’s: then the strip is what is usual for the kind, and is said to be.
            Strip = StripMm >= 3 && Trust != DataTrust.Generic ? new Length(StripMm) : null,
            IsListedWet = Sealed,
            Combinations = [.. (Combinations ?? []).Select(c => c.Read())],
        };

    private protected override void CheckKind()
    {
        Within(StripMm, 0, 100, "stripMm", "The strip length must be from 0 to 100 mm.");
        if (Type is ConnectorKind.Solder or ConnectorKind.None)
        {
            throw new ImpossibleInputException(
                "type",
                "A connector on the Shelf is a lever, twist-on, push-in or crimp sleeve, sealed or not."
            );
        }

        Read().Checked();
    }
}
