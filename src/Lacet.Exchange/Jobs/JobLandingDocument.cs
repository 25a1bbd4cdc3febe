using System.Text.Json.Serialization;
using Lacet.Core.Jobs;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>A landing in its enclosure.</summary>
public sealed record JobLandingDocument : JobPartDocument
{
    /// <summary>Where it is.</summary>
    public Guid EnclosureId { get; init; }

    /// <summary>The device that it belongs to; null where it stands alone.</summary>
    public Guid? DeviceId { get; init; }

    /// <summary>Its name, such as "X1:5".</summary>
    public required string Name { get; init; }

    /// <summary>What it is, by its data or by the id of one on the Shelf; null where nobody said.</summary>
    public LandingDocument? Landing { get; init; }

    /// <summary>The connector, where it is a splice.</summary>
    public SpliceConnectorDocument? Splice { get; init; }

    /// <summary>none, brass, silver or green.</summary>
    public TerminalIdentity Identity { get; init; }

    /// <summary>none, line or load.</summary>
    public DeviceSide Side { get; init; }

    /// <summary>none, upper or lower.</summary>
    public DeviceHalf Half { get; init; }

    /// <summary>Whether it is left free on purpose.</summary>
    public bool Spare { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Landing;

    /// <inheritdoc/>
    public override JobLanding Read() =>
        new(Id, EnclosureId, Name)
        {
            Order = Order,
            DeviceId = DeviceId,
            Landing = Landing?.Read(),
            Splice = Splice?.Read(),
            Identity = Identity,
            Side = Side,
            Half = Half,
            Spare = Spare,
        };
}
