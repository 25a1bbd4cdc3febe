using System.Text.Json.Serialization;
using Lacet.Core.Boards;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;

namespace Lacet.Workshop.Boards;

/// <summary>An enclosure as it stands: where everything is, in mm, and how far every end is.</summary>
/// <param name="EnclosureId">Which.</param>
/// <param name="Sequence">The job’s last command that it shows.</param>
/// <param name="Mark">How it stands, for asking what has changed since.</param>
/// <param name="Whole">Whether it is all there; otherwise only what has changed since what was asked for.</param>
/// <param name="Box">All of it.</param>
/// <param name="Rails">Top to bottom.</param>
/// <param name="Wires">The wires that end here.</param>
/// <param name="Gone">Wires that no longer end here.</param>
public sealed record BoardDocument(
    Guid EnclosureId,
    long Sequence,
    string Mark,
    bool Whole,
    BoardBox Box,
    IReadOnlyList<BoardRailDocument> Rails,
    IReadOnlyList<BoardWire> Wires,
    IReadOnlyList<Guid> Gone
);

/// <summary>An upright rectangle, mm.</summary>
public sealed record BoardBox(double Left, double Top, double Right, double Bottom);

/// <summary>A part of a device’s drawing.</summary>
public sealed record BoardPart(string Id, PartKind Kind, string Path);

/// <summary>Devices that stand side by side.</summary>
/// <param name="Kind">What they stand on.</param>
/// <param name="Box">The room that they take with their ends.</param>
/// <param name="Devices">Left to right; null is one that stands as it stood.</param>
public sealed record BoardRailDocument(RailKind Kind, BoardBox Box, IReadOnlyList<BoardDeviceDocument?> Devices);

/// <summary>A device, or the piece of it that stands on one rail.</summary>
/// <param name="Id">Which; null for landings of no device.</param>
/// <param name="Version">The version that a change must name.</param>
/// <param name="Name">Its name.</param>
/// <param name="Form">What it looks like.</param>
/// <param name="Label">Where its name is printed; taller than wide is read from below.</param>
/// <param name="Body">Its outline.</param>
/// <param name="Parts">What is drawn of it, lowest first.</param>
/// <param name="Slots">Its landings, in order.</param>
/// <param name="Worst">The worst finding about it as a whole, such as its rating.</param>
/// <param name="Checks">What was found about it as a whole.</param>
public sealed record BoardDeviceDocument(
    Guid? Id,
    long Version,
    string Name,
    DeviceForm Form,
    BoardBox Label,
    BoardBox Body,
    IReadOnlyList<BoardPart> Parts,
    IReadOnlyList<BoardSlotDocument> Slots,
    Severity? Worst,
    IReadOnlyList<string> Checks
);

/// <summary>A landing in its place.</summary>
/// <param name="Id">Which.</param>
/// <param name="Name">Its whole name.</param>
/// <param name="Mark">As it is printed on its device.</param>
/// <param name="Says">What it is, in a line.</param>
/// <param name="Box">Its place.</param>
/// <param name="Stubs">The ends that are drawn.</param>
/// <param name="More">How many more land here.</param>
/// <param name="Worst">The worst finding about it or its ends.</param>
/// <param name="Checks">What was found about it or its ends.</param>
/// <param name="Spare">Whether it is left free on purpose.</param>
public sealed record BoardSlotDocument(
    Guid Id,
    string Name,
    string Mark,
    string Says,
    BoardBox Box,
    IReadOnlyList<BoardStubDocument> Stubs,
    int More,
    Severity? Worst,
    IReadOnlyList<string> Checks,
    bool Spare
);

/// <summary>An end as it leaves its slot.</summary>
/// <param name="WireId">Which wire.</param>
/// <param name="Side">Which of its ends.</param>
/// <param name="X">Where it leaves.</param>
/// <param name="Y">Where it leaves.</param>
/// <param name="ToX">Where the drawing of it stops.</param>
/// <param name="ToY">Where the drawing of it stops.</param>
/// <param name="State">How far it is.</param>
/// <param name="OlderPlan">True where it was landed to a plan that was changed since.</param>
/// <param name="Worst">The worst finding about this end.</param>
/// <param name="Ferrule">The ferrule that it gets, such as "2.5 mm²"; null for none.</param>
/// <param name="By">Who landed it.</param>
public sealed record BoardStubDocument(
    Guid WireId,
    EndSide Side,
    double X,
    double Y,
    double ToX,
    double ToY,
    EndState State,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] bool? OlderPlan = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Severity? Worst = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Ferrule = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? By = null
);

/// <summary>A wire of a board.</summary>
/// <param name="Id">Which.</param>
/// <param name="Version">The version that a change must name.</param>
/// <param name="Name">Its name.</param>
/// <param name="Size">Its size as it is said.</param>
/// <param name="Colour">Its colour in words.</param>
/// <param name="Hue">The colour it has most of; null where nobody said.</param>
/// <param name="Stripe">Its stripe; null where it is plain.</param>
/// <param name="Function">What it is for, in words; empty where nobody said.</param>
/// <param name="CircuitId">Its circuit.</param>
/// <param name="A">Where it lands; null for nowhere.</param>
/// <param name="B">Where its other end lands.</param>
public sealed record BoardWire(
    Guid Id,
    long Version,
    string Name,
    string Size,
    string Colour,
    Core.Conductors.Hue? Hue,
    Core.Conductors.Hue? Stripe,
    Term Function,
    Guid? CircuitId,
    BoardPlace? A,
    BoardPlace? B
);

/// <summary>Where an end lands.</summary>
/// <param name="LandingId">The slot.</param>
/// <param name="Name">Its whole name, enclosure first.</param>
/// <param name="EnclosureId">The enclosure; left out where it is this one, since a board has thousands of ends.</param>
public sealed record BoardPlace(
    Guid LandingId,
    string Name,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Guid? EnclosureId = null
);
