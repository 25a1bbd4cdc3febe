using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Jobs;

/// <summary>A wire in a job.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Its number or name.</param>
/// <param name="A">Its first end.</param>
/// <param name="B">Its other end.</param>
public sealed record JobWire(Guid Id, string Name, JobEnd A, JobEnd B) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Wire;

    /// <summary>What it is made of; null where the size is not known.</summary>
    public Conductor? Conductor { get; init; }

    /// <summary>Its insulation's colour; null where nobody said.</summary>
    public InsulationColour? Colour { get; init; }

    /// <summary>What it is for.</summary>
    public WireFunction Function { get; init; }

    /// <summary>The circuit that it is of; null where nobody said.</summary>
    public Guid? CircuitId { get; init; }

    /// <summary>Its length; null where nobody said.</summary>
    public Length? Length { get; init; }

    /// <summary>The raceway that it runs in with others; null where nobody said.</summary>
    public string? Run { get; init; }

    /// <summary>The cable or cord that it is a conductor of; null for a single wire.</summary>
    public Guid? CableId { get; init; }

    /// <summary>Which of the two it is in a cord whose sides are told apart by ribs.</summary>
    public CableSide TwinSide { get; init; }

    /// <summary>Whether it is of a flexible cord that nobody made a <see cref="JobCable"/> of.</summary>
    public bool InCord { get; init; }

    /// <summary>Taken out of the list although something was recorded at it: kept, and judged no more.</summary>
    public bool Retired { get; init; }

    /// <summary>One of its ends.</summary>
    public JobEnd this[EndSide side] => side == EndSide.A ? A : B;
}
