namespace Lacet.Core.Jobs;

/// <summary>What one breaker feeds.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Its name or number; no two in a job share one.</param>
public sealed record Circuit(Guid Id, string Name) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Circuit;

    /// <summary>
    /// Voltage between line and return, or between lines where it has three phases; null where nobody said.
    /// </summary>
    public double? Volts { get; init; }

    /// <summary>1 or 3.</summary>
    public int Phases { get; init; } = 1;

    /// <summary>The overcurrent device, A; null where nobody said.</summary>
    public double? OcpdAmps { get; init; }

    /// <summary>The load, A; null where nobody said.</summary>
    public double? LoadAmps { get; init; }

    /// <summary>Whether the load runs for three hours or more.</summary>
    public bool Continuous { get; init; }

    /// <summary>How it is wired; null where nobody said.</summary>
    public WiringMethod? Method { get; init; }

    /// <summary>The circuit whose neutral it shares: a multiwire circuit; null otherwise.</summary>
    public Guid? SharesNeutralWith { get; init; }
}
