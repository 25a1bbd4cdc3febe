using Lacet.Core.Quantities;

namespace Lacet.Core.PinMaps;

/// <summary>A controller's connector, pin by pin, and the machine at its other end.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="PinCount">How many pins the connector has.</param>
/// <param name="Rows">In how many rows they stand.</param>
/// <param name="Pins">The pins that lead somewhere.</param>
public sealed record PinMap(string Name, int PinCount, int Rows, IReadOnlyList<MappedPin> Pins)
{
    private const int MostPins = 60;

    /// <summary>Whether the connector's key was seen: before that no number is to be trusted.</summary>
    public bool KeySeen { get; init; }

    /// <summary>Whether the board has it mounted the other way round.</summary>
    public bool TurnedRound { get; init; }

    /// <summary>One speed or two.</summary>
    public int Speeds { get; init; } = 1;

    /// <summary>Which pins are fed; of two speeds only ever one.</summary>
    public IReadOnlyList<PinFunction> Fed { get; init; } = [];

    /// <summary>Whether the two speeds are taken for the two legs of a split supply.</summary>
    public bool TakenForLegs { get; init; }

    /// <summary>
    /// The diagram that it is from: of which model, from whom, which edition; null where nobody said.
    /// </summary>
    public DiagramSource? Diagram { get; init; }

    /// <summary>The machine that was there; null where none is replaced.</summary>
    public MachineData? Old { get; init; }

    /// <summary>The machine that comes.</summary>
    public MachineData? New { get; init; }

    /// <summary>
    /// A map to begin with: what a machine of so many speeds has, and nothing traced yet. Of two speeds one is fed, and
    /// no number counts before the key was seen.
    /// </summary>
    public static PinMap Blank(int speeds)
    {
        PinFunction[] functions =
            speeds == 2
                ? [PinFunction.LowSpeed, PinFunction.HighSpeed, PinFunction.Common, PinFunction.Earth]
                : [PinFunction.Line, PinFunction.Common, PinFunction.Earth];
        return new PinMap("Fan", 6, 1, [.. functions.Select((f, i) => new MappedPin(i + 1, f, ""))])
        {
            Speeds = speeds,
            Fed = speeds == 2 ? [PinFunction.LowSpeed] : [],
        }.Checked();
    }

    /// <summary>Throws <see cref="ImpossibleInputException"/> with the field where it cannot be.</summary>
    public PinMap Checked()
    {
        Hold(Name.Trim().Length is > 0 and <= 200, "name", "Name the map in 1 to 200 characters.");
        Hold(PinCount is >= 2 and <= MostPins, "pinCount", "A connector has 2 to 60 pins.");
        Hold(Rows is 1 or 2 && PinCount % Rows == 0, "rows", "Its pins stand in one row, or in two that are alike.");
        Hold(Speeds is 1 or 2, "speeds", "A machine here has one speed or two.");
        Hold(Pins.Count <= MostPins * 2, "pins", "That is more than any connector has.");
        Hold(
            (Diagram?.Model?.Length ?? 0) <= 120
                && (Diagram?.From?.Length ?? 0) <= 120
                && (Diagram?.Edition?.Length ?? 0) <= 60,
            "diagram",
            "A diagram’s model and source have at most 120 characters, its edition 60."
        );
        Hold(
            (Old?.Frame?.Length ?? 0) <= 40 && (New?.Frame?.Length ?? 0) <= 40,
            "old.frame",
            "A frame’s name has at most 40 characters."
        );
        for (var i = 0; i < Pins.Count; i++)
        {
            Hold(
                Pins[i].Terminal.Length <= 100 && Pins[i].Colour.Length <= 40,
                $"pins[{i}].terminal",
                "A terminal’s name has at most 100 characters, a colour 40."
            );
            Hold(Pins[i].Ohms is null or >= 0, $"pins[{i}].ohms", "A resistance is 0 Ω or more; an open way has none.");
        }

        return this;
    }

    private static void Hold(bool holds, string field, string says)
    {
        if (!holds)
        {
            throw new ImpossibleInputException(field, says);
        }
    }
}
