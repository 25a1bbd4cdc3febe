using Lacet.Core.PinMaps;

namespace Lacet.Core.Jobs;

/// <summary>A pin map of a job.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Map">The map.</param>
public sealed record JobPinMap(Guid Id, PinMap Map) : IJobEntity
{
    /// <inheritdoc/>
    public int Order { get; init; }

    /// <inheritdoc/>
    public EntityKind Kind => EntityKind.PinMap;
}
