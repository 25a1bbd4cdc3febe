using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>A cable or cord of a job as it is bought: a jacket, and what is in it. Its conductors are wires that name it.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Its number or name.</param>
public sealed record JobCable(Guid Id, string Name) : JobPart(Id)
{
    /// <summary>As many conductors as control cables have, with room (common practice).</summary>
    public const int MostConductors = 120;

    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Cable;

    /// <summary>What each of its conductors is; null where nobody said.</summary>
    public Conductor? Conductor { get; init; }

    /// <summary>How many conductors it has, as the trade counts: 2 in 14/2, 3 in 3G1.5; null where nobody said.</summary>
    public int? Count { get; init; }

    /// <summary>Whether one of them is an earth, or one more than is counted.</summary>
    public EarthInCable Earth { get; init; }

    /// <summary>Whether it is shielded.</summary>
    public bool Shielded { get; init; }

    /// <summary>Whether somebody says that it is a flexible cord.</summary>
    public bool SaidCord { get; init; }

    /// <summary>The diameter over its jacket; null where nobody measured.</summary>
    public Length? JacketDiameter { get; init; }

    /// <summary>How far its conductors go, by the enclosures that it enters; those that nobody measured are left out.</summary>
    public IReadOnlyList<CableReach> Reaches { get; init; } = [];

    /// <summary>Whether it is a flexible cord, as somebody said or as its letters say.</summary>
    public bool IsCord => SaidCord || Conductor?.Designation is { Kind: DesignationKind.Cord };

    /// <summary>Whether its two conductors are parted instead of freed of a jacket.</summary>
    public bool IsParallel => Conductor?.Designation is { IsParallel: true };

    /// <summary>How many conductors there are in it, the earth too; null where nobody said.</summary>
    public int? Conductors => Count + (Earth == EarthInCable.Beside ? 1 : 0);

    /// <summary>What it is, as it is read again: "4 × 2.5 mm² fine-stranded copper H07RN-F, one of them earth".</summary>
    public string Make =>
        new WireReading
        {
            Count = Count,
            Size = Conductor?.Size,
            Build = Conductor?.Build,
            Material = Conductor?.Material,
            Designation = Conductor?.Designation,
            Earth = Earth,
            Shielded = Shielded,
        }.ToString();

    /// <summary>Whether two are the same; reaches are compared one by one, as they are kept.</summary>
    public bool Equals(JobCable? other) =>
        other is not null
        && (Id, Order, Name, Conductor, Count, Earth)
            == (other.Id, other.Order, other.Name, other.Conductor, other.Count, other.Earth)
        && (Shielded, SaidCord, JacketDiameter) == (other.Shielded, other.SaidCord, other.JacketDiameter)
        && Reaches.SequenceEqual(other.Reaches);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Id, Order, Name, Conductor, Count, Earth, Reaches.Count);
}
