using Lacet.Core.Cords;

namespace Lacet.Core.Jobs;

/// <summary>A cord of a job, as it was looked over.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Name">Which, such as "heater, warm room 2".</param>
/// <param name="Seen">What was seen.</param>
/// <param name="MouldedToBeHad">Whether a moulded cord for it can be had.</param>
public sealed record JobCord(Guid Id, string Name, IReadOnlyList<CordCue> Seen, bool MouldedToBeHad) : IJobEntity
{
    /// <summary>The places that were looked at and are sound.</summary>
    public IReadOnlyList<CordPlace> Sound { get; init; } = [];

    /// <inheritdoc/>
    public int Order { get; init; }

    /// <inheritdoc/>
    public EntityKind Kind => EntityKind.Cord;
}
