using System.Text.Json.Serialization;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Shelf;

/// <summary>An assortment of ferrules.</summary>
public sealed record FerruleItem : ShelfItemDocument
{
    /// <summary>Sizes in it, mm².</summary>
    public required IReadOnlyList<double> SizesMm2 { get; init; }

    /// <summary>The series that its collars are coloured in.</summary>
    public FerruleColours Series { get; init; }

    /// <summary>How many of each.</summary>
    public int? PiecesOfEach { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "ferrules";

    private protected override void CheckKind()
    {
        if (
            SizesMm2.Count == 0
            || SizesMm2.FirstOrDefault(s => !FerruleChoice.Sizes.Contains(s)) is > 0 or < 0
            || SizesMm2.Distinct().Count() != SizesMm2.Count
        )
        {
            throw new ImpossibleInputException(
                "sizesMm2",
                FormattableString.Invariant(
                    $"Name each size once. Sizes are {string.Join(", ", FerruleChoice.Sizes)} mm²."
                )
            );
        }

        Within(PiecesOfEach ?? 1, 1, 100_000, "piecesOfEach", "The pieces of each size must be from 1 to 100,000.");
    }
}
