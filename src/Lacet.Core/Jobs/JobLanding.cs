using Lacet.Core.Landings;
using Lacet.Core.Splices;

namespace Lacet.Core.Jobs;

/// <summary>A landing in its enclosure.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="EnclosureId">Where it is.</param>
/// <param name="Name">Its name, such as "X1:5"; no two in an enclosure share one.</param>
public sealed record JobLanding(Guid Id, Guid EnclosureId, string Name) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Landing;

    /// <summary>The device that it belongs to; null where it stands alone.</summary>
    public Guid? DeviceId { get; init; }

    /// <summary>What it is; null where nobody said, or where it is a splice.</summary>
    public Landing? Landing { get; init; }

    /// <summary>The one of the Shelf that its data is from; null where it was read off the device.</summary>
    public Guid? ShelfId { get; init; }

    /// <summary>The connector, where several ends are spliced; null otherwise.</summary>
    public SpliceConnector? Splice { get; init; }

    /// <summary>What it is for.</summary>
    public TerminalIdentity Identity { get; init; }

    /// <summary>LINE or LOAD.</summary>
    public DeviceSide Side { get; init; }

    /// <summary>Upper or lower half.</summary>
    public DeviceHalf Half { get; init; }

    /// <summary>Whether it is left free on purpose.</summary>
    public bool Spare { get; init; }

    /// <summary>What is written at it on its device: its name without the device’s; all of it where it has none.</summary>
    public string MarkOn(Device? device) =>
        device is not null
        && Name.StartsWith(device.Name, StringComparison.OrdinalIgnoreCase)
        && Name.Length > device.Name.Length
        && !char.IsLetterOrDigit(Name[device.Name.Length])
            ? Name[(device.Name.Length + 1)..].Trim()
            : Name;

    /// <summary>What it is, in a line; "not said" where nobody did.</summary>
    public string Describe() =>
        this switch
        {
            { Splice: { } splice } => $"splice, {splice.Name}",
            { Landing: PrintedLanding printed } => FormattableString.Invariant(
                $"{printed.SaidAs}, {printed.LeastMm2:0.##} to {printed.MostMm2:0.##} mm²"
            ),
            { Landing: { } known } => known.SaidAs,
            _ => "not said",
        };
}
