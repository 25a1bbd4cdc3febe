using System.Text.Json.Serialization;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Shelf;

/// <summary>A conductor.</summary>
public sealed record ConductorItem : ShelfItemDocument
{
    /// <summary>Its data.</summary>
    public required ConductorDocument Conductor { get; init; }

    /// <summary>Colour of its insulation, in words.</summary>
    public string? Colour { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override string Kind => "conductor";

    private protected override void CheckKind()
    {
        Conductor.Read();
        if (Colour?.Length > 40)
        {
            throw new ImpossibleInputException("colour", "A colour has at most 40 characters.");
        }
    }
}
