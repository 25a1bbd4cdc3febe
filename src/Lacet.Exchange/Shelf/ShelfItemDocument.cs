using System.Reflection;
using System.Text.Json.Serialization;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Shelf;

/// <summary>A thing on the Shelf; <c>kind</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(LandingItem), "landing")]
[JsonDerivedType(typeof(ConductorItem), "conductor")]
[JsonDerivedType(typeof(FerruleItem), "ferrules")]
[JsonDerivedType(typeof(ConnectorItem), "connector")]
[JsonDerivedType(typeof(DeviceItem), "device")]
[JsonDerivedType(typeof(ToolItem), "tool")]
public abstract record ShelfItemDocument
{
    /// <summary>The kinds there are, as JSON names them.</summary>
    public static IReadOnlyList<string> Kinds { get; } =
    [
        .. typeof(ShelfItemDocument)
            .GetCustomAttributes<JsonDerivedTypeAttribute>()
            .Select(a => (string)a.TypeDiscriminator!),
    ];

    /// <summary>Its code, such as a part number; no two of a kind share one.</summary>
    public required string Code { get; init; }

    /// <summary>What a person calls it.</summary>
    public required string Name { get; init; }

    /// <summary>A line of one's own.</summary>
    public string? Note { get; init; }

    /// <summary>How far its data can be trusted: marking, maker or generic.</summary>
    public DataTrust Trust { get; init; }

    /// <summary>The kind, as JSON names it.</summary>
    [JsonIgnore]
    public abstract string Kind { get; }

    /// <summary>
    /// Throws <see cref="ImpossibleInputException"/> with the field and a sentence where it cannot be.
    /// </summary>
    public void Check()
    {
        if (Code.Trim().Length is 0 or > 60)
        {
            throw new ImpossibleInputException("code", "A code has 1 to 60 characters.");
        }

        if (Name.Trim().Length is 0 or > 120)
        {
            throw new ImpossibleInputException("name", "A name has 1 to 120 characters.");
        }

        if (Note?.Length > 500)
        {
            throw new ImpossibleInputException("note", "A note has at most 500 characters.");
        }

        CheckKind();
    }

    private protected abstract void CheckKind();

    private protected static double Within(double value, double least, double most, string field, string sentence) =>
        value >= least && value <= most ? value : throw new ImpossibleInputException(field, sentence);
}
