using System.Text.Json.Serialization;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>A cord as it was looked over.</summary>
public sealed record CordPartDocument : JobPartDocument
{
    /// <summary>Which.</summary>
    public required string Name { get; init; }

    /// <summary>What was seen.</summary>
    public IReadOnlyList<CordCue> Seen { get; init; } = [];

    /// <summary>The places that were looked at and are sound.</summary>
    public IReadOnlyList<CordPlace> Sound { get; init; } = [];

    /// <summary>Whether a moulded cord for it can be had.</summary>
    public bool MouldedToBeHad { get; init; } = true;

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Cord;

    /// <inheritdoc/>
    public override JobCord Read() => new(Id, Name, Seen, MouldedToBeHad) { Order = Order, Sound = Sound };
}
