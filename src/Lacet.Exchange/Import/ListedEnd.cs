using Lacet.Core.Jobs;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Import;

/// <summary>Where a wire of a list ends, as far as the list says.</summary>
/// <param name="Enclosure">The enclosure's name; null where the list does not say.</param>
/// <param name="Device">The device's name; null where the landing stands alone.</param>
/// <param name="Name">The landing's name.</param>
public sealed record ListedEnd(string? Enclosure, string? Device, string Name)
{
    /// <summary>The place as it is written, where that is otherwise than its name.</summary>
    public string? Written { get; init; }

    /// <summary>What the landing is; null where the list does not say.</summary>
    public LandingDocument? Landing { get; init; }

    /// <summary>The connector, where it is a splice.</summary>
    public SpliceConnector? Splice { get; init; }

    /// <summary>What it is for.</summary>
    public TerminalIdentity Identity { get; init; }

    /// <summary>LINE or LOAD.</summary>
    public DeviceSide Side { get; init; }

    /// <summary>Upper or lower half.</summary>
    public DeviceHalf Half { get; init; }

    /// <summary>What the device is; null where the list does not say.</summary>
    public DeviceType? Type { get; init; }

    /// <summary>What the device is rated for, A.</summary>
    public double? RatingAmps { get; init; }

    /// <summary>As people write it: "X1:5", "DCP/X1:5".</summary>
    public string Place() => Enclosure is { } enclosure ? $"{enclosure}/{Name}" : Name;

    /// <summary>How many plugs it takes; null where the list does not say.</summary>
    public int? Outlets { get; init; }
}
