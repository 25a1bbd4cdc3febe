using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>A pin map of a job, with what was measured.</summary>
public sealed record PinMapPartDocument : JobPartDocument
{
    /// <summary>The map.</summary>
    public required PinMapDocument Map { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.PinMap;

    /// <inheritdoc/>
    public override JobPinMap Read() => new(Id, Map.Read()) { Order = Order };
}
