using System.Text.Json.Serialization;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Shelf;

/// <summary>A landing.</summary>
public sealed record LandingItem : ShelfItemDocument
{
    /// <summary>Its data.</summary>
    public required LandingDocument Landing { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "landing";

    /// <summary>Its data with the trust of the entry.</summary>
    public LandingDocument ForTheBench(Guid id) => Landing with { Id = id, Trust = Trust };

    private protected override void CheckKind() => Landing.Read();
}
