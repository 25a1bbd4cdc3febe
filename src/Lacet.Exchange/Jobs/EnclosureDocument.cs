using System.Text.Json.Serialization;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Exchange.Jobs;

/// <summary>What landings are in.</summary>
public sealed record EnclosureDocument : JobPartDocument
{
    /// <summary>Its name.</summary>
    public required string Name { get; init; }

    /// <summary>panel, box, device-plate or machine.</summary>
    public EnclosureForm Form { get; init; }

    /// <summary>The drawing that shows it.</summary>
    public string? Drawing { get; init; }

    /// <summary>That drawing's revision.</summary>
    public string? Revision { get; init; }

    /// <summary>The smallest dimension of its opening, mm.</summary>
    public double? OpeningMm { get; init; }

    /// <summary>dry, damp, wet or buried; dry where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public SplicePlace Place { get; init; }

    /// <summary>The volume marked in a box, in³.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? VolumeIn3 { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Enclosure;

    /// <inheritdoc/>
    public override Enclosure Read() =>
        new(Id, Name, Form)
        {
            Order = Order,
            Drawing = Drawing,
            Revision = Revision,
            Opening = OpeningMm is { } mm ? new Length(mm) : null,
            Place = Place,
            VolumeIn3 = VolumeIn3,
        };
}
