using System.Text.Json.Serialization;
using Lacet.Core.PinMaps;

namespace Lacet.Exchange.Jobs;

/// <summary>A pin map as it is written.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="PinCount">How many pins the connector has.</param>
/// <param name="Pins">The pins that lead somewhere.</param>
/// <param name="Rows">In how many rows they stand.</param>
/// <param name="KeySeen">Whether the connector’s key was seen.</param>
/// <param name="TurnedRound">Whether the board has it the other way round.</param>
/// <param name="Speeds">One speed or two.</param>
/// <param name="Fed">Which pins are fed.</param>
/// <param name="TakenForLegs">Whether the two speeds are taken for the legs of a split supply.</param>
/// <param name="Old">The machine that was there.</param>
/// <param name="New">The machine that comes.</param>
public sealed record PinMapDocument(
    string Name,
    int PinCount,
    IReadOnlyList<MappedPinDocument> Pins,
    int Rows = 1,
    bool KeySeen = false,
    bool TurnedRound = false,
    int Speeds = 1,
    IReadOnlyList<PinFunction>? Fed = null,
    bool TakenForLegs = false,
    MachineData? Old = null,
    MachineData? New = null
)
{
    /// <summary>The diagram that it is from; left out where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public DiagramSource? Diagram { get; init; }

    /// <summary>Writes a map.</summary>
    public static PinMapDocument Of(PinMap map) =>
        new(
            map.Name,
            map.PinCount,
            [.. map.Pins.Select(MappedPinDocument.Of)],
            map.Rows,
            map.KeySeen,
            map.TurnedRound,
            map.Speeds,
            map.Fed,
            map.TakenForLegs,
            map.Old,
            map.New
        )
        {
            Diagram = map.Diagram,
        };

    /// <summary>
    /// The map; throws <see cref="Core.Quantities.ImpossibleInputException"/> with the field and a sentence.
    /// </summary>
    public PinMap Read() =>
        new PinMap(Name, PinCount, Rows, [.. Pins.Select(p => p.Read())])
        {
            KeySeen = KeySeen,
            TurnedRound = TurnedRound,
            Speeds = Speeds,
            Fed = Fed ?? [],
            TakenForLegs = TakenForLegs,
            Old = Old,
            New = New,
            Diagram = Diagram,
        }.Checked();
}

/// <summary>A pin as it is written.</summary>
/// <param name="Pin">Its number, counted from the key.</param>
/// <param name="Function">What it is for.</param>
/// <param name="Terminal">The machine’s terminal.</param>
/// <param name="Colour">The lead’s colour, noted and never used to match.</param>
/// <param name="Ohms">What was read; null where no number was.</param>
/// <param name="IsOpen">True where the meter had no reading.</param>
public sealed record MappedPinDocument(
    int Pin,
    PinFunction Function,
    string Terminal = "",
    string Colour = "",
    double? Ohms = null,
    bool IsOpen = false
)
{
    /// <summary>Whether the meter was heard and not read.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Heard { get; init; }

    /// <summary>Writes a pin.</summary>
    public static MappedPinDocument Of(MappedPin pin) =>
        new(
            pin.Pin,
            pin.Function,
            pin.Terminal,
            pin.Colour,
            pin.Ohms is { } ohms && double.IsFinite(ohms) ? ohms : null,
            pin.Ohms is double.PositiveInfinity
        )
        {
            Heard = pin.Heard,
        };

    /// <summary>The pin.</summary>
    public MappedPin Read() =>
        new(Pin, Function, Terminal, Colour, IsOpen ? double.PositiveInfinity : Ohms) { Heard = Heard };
}
