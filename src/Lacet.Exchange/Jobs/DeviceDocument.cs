using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>A device with several landings.</summary>
public sealed record DeviceDocument : JobPartDocument
{
    /// <summary>Where it is.</summary>
    public Guid EnclosureId { get; init; }

    /// <summary>Its name.</summary>
    public required string Name { get; init; }

    /// <summary>
    /// block, receptacle, ground-fault-receptacle, switch, breaker, earth-bar, neutral-bar, plug or load.
    /// </summary>
    public DeviceType Type { get; init; }

    /// <summary>What it is rated for, A.</summary>
    public double? RatingAmps { get; init; }

    /// <summary>The largest load plugged into it, A.</summary>
    public double? PluggedAmps { get; init; }

    /// <summary>How many plugs it takes; 2 where it is left out.</summary>
    public int? Outlets { get; init; }

    /// <summary>intact or removed.</summary>
    public BreakOffTab HotTab { get; init; }

    /// <summary>intact or removed.</summary>
    public BreakOffTab NeutralTab { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Device;

    /// <inheritdoc/>
    public override Device Read() =>
        new(Id, EnclosureId, Name, Type)
        {
            Order = Order,
            RatingAmps = RatingAmps,
            PluggedAmps = PluggedAmps,
            Outlets = Outlets ?? 2,
            HotTab = HotTab,
            NeutralTab = NeutralTab,
        };
}
