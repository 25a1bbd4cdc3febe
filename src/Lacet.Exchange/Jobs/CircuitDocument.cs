using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>What one breaker feeds.</summary>
public sealed record CircuitDocument : JobPartDocument
{
    /// <summary>Its name or number.</summary>
    public required string Name { get; init; }

    /// <summary>Voltage, V.</summary>
    public double? Volts { get; init; }

    /// <summary>1 or 3; 1 where it is left out.</summary>
    public int? Phases { get; init; }

    /// <summary>The overcurrent device, A.</summary>
    public double? OcpdAmps { get; init; }

    /// <summary>The load, A.</summary>
    public double? LoadAmps { get; init; }

    /// <summary>Whether the load runs for three hours or more.</summary>
    public bool Continuous { get; init; }

    /// <summary>raceway, nm-cable, cord or machine-wiring.</summary>
    public WiringMethod? Method { get; init; }

    /// <summary>The circuit whose neutral it shares.</summary>
    public Guid? SharesNeutralWith { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Circuit;

    /// <inheritdoc/>
    public override Circuit Read() =>
        new(Id, Name)
        {
            Order = Order,
            Volts = Volts,
            Phases = Phases ?? 1,
            OcpdAmps = OcpdAmps,
            LoadAmps = LoadAmps,
            Continuous = Continuous,
            Method = Method,
            SharesNeutralWith = SharesNeutralWith,
        };
}
