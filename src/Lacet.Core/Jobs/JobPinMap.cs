using Lacet.Core.PinMaps;

namespace Lacet.Core.Jobs;

/// <summary>A pin map of a job.</summary>
/// <param name="Id">Permanent id.</param>
public sealed record JobPinMap(Guid Id) : JobPart(Id)
{
    /// <summary>The map.</summary>
    public required PinMap Map { get; init; }

    /// <summary>The plug or connector of the job whose pins these are; null where nobody said.</summary>
    public Guid? PlugId { get; init; }

    /// <summary>The machine of the job that they lead to; null where nobody said.</summary>
    public Guid? MachineId { get; init; }

    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.PinMap;
}
