using Lacet.Core.Cords;

namespace Lacet.Core.Jobs;

/// <summary>A cord of a job, as it was looked over.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Which, such as "heater, warm room 2".</param>
public sealed record JobCord(Guid Id, string Name) : JobPart(Id)
{
    /// <summary>What was seen.</summary>
    public IReadOnlyList<CordCue> Seen { get; init; } = [];

    /// <summary>The places that were looked at and are sound.</summary>
    public IReadOnlyList<CordPlace> Sound { get; init; } = [];

    /// <summary>Whether a moulded cord for it can be had.</summary>
    public bool MouldedToBeHad { get; init; } = true;

    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Cord;
}
