namespace Lacet.Core.Jobs;

/// <summary>A device that has several landings: a receptacle, a switch, a breaker, a bar, a row of blocks.</summary>
/// <param name="Id">Permanent id.</param>
/// <param name="EnclosureId">Where it is.</param>
/// <param name="Name">Its name, such as "X1"; no two in an enclosure share one.</param>
/// <param name="Type">What it is.</param>
public sealed record Device(Guid Id, Guid EnclosureId, string Name, DeviceType Type = DeviceType.Block) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Device;

    /// <summary>What it is rated for, A; null where nobody said.</summary>
    public double? RatingAmps { get; init; }

    /// <summary>The largest load that is plugged into it, A; null where nobody said.</summary>
    public double? PluggedAmps { get; init; }

    /// <summary>How many plugs it takes: a duplex receptacle is two receptacles.</summary>
    public int Outlets { get; init; } = 2;

    /// <summary>Name of the breaker beside it whose handle is tied to its own, so that both open together; null where none
    /// is.</summary>
    public string? TiedTo { get; init; }

    /// <summary>The tab between the two brass screws of a duplex receptacle.</summary>
    public BreakOffTab HotTab { get; init; }

    /// <summary>The tab between the two silver screws.</summary>
    public BreakOffTab NeutralTab { get; init; }

    /// <summary>What its coil, its winding or its input is made for, V; null where nobody said.</summary>
    public double? RatedVolts { get; init; }

    /// <summary>Whether that is alternating or direct current.</summary>
    public CurrentKind RatedCurrent { get; init; }

    /// <summary>What a supply or a transformer gives, V; null where nobody said.</summary>
    public double? GivesVolts { get; init; }

    /// <summary>
    /// What it has between its terminals, by their marks, where that is otherwise than usual for its type; null where it
    /// is as usual.
    /// </summary>
    public IReadOnlyList<InsideLink>? Inside { get; init; }

    /// <summary>Whether it is a receptacle that things are plugged into.</summary>
    public bool IsReceptacle => Type is DeviceType.Receptacle or DeviceType.GroundFaultReceptacle;
}
