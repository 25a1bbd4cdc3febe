using System.Text.Json.Serialization;

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

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "connector";

    private protected override void CheckKind()
    {
        Within(LeastCount, 1, 12, "leastCount", "A connector takes from 1 to 12 conductors.");
        Within(MostCount, LeastCount, 12, "mostCount", "The most conductors must be from the fewest to 12.");
        Within(LeastMm2, 0.05, 400, "leastMm2", "A size must be from 0.05 to 400 mm².");
        Within(MostMm2, LeastMm2, 400, "mostMm2", "The largest size must be from the smallest to 400 mm².");
        Within(StripMm, 0, 80, "stripMm", "The strip length must be from 0 to 80 mm.");
    }
}
