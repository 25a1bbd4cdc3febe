using Lacet.Core.PinMaps;

namespace Lacet.Core.Jobs;

/// <summary>A pin map of a job.</summary>
/// <param name="Id">Permanent id.</param>
public sealed record JobPinMap(Guid Id) : JobPart(Id)
{
    /// <summary>The map.</summary>
    public required PinMap Map { get; init; }

    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.PinMap;
}
