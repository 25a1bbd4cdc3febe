using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.PinMaps;

/// <summary>What is wrong with a pin map, and what to know of it.</summary>
public static partial class PinMapChecks
{
    private const string Practice = "common practice (from memory)";

    /// <summary>Everything that is found, the worst first.</summary>
    public static IReadOnlyList<Finding> Of(PinMap map) =>
        [
            .. Numbers(map)
                .Concat(Functions(map))
                .Concat(Leads(map))
                .Concat(Speeds(map))
                .Concat(Machines(map))
                .Concat(Measured(map))
                .OrderBy(f => f.Severity)
                .ThenBy(f => f.Harm),
        ];

    private static IEnumerable<Finding> Numbers(PinMap map)
    {
        if (!map.KeySeen)
        {
            yield return Found(
                "pin-key-not-seen",
                Severity.Stop,
                $"Nobody has seen the key of {map.Name}: no pin’s number is to be trusted.",
                $"Find the flat with the key, count from it, and say which way round the board has it."
            );
        }

        foreach (var pin in map.Pins.Where(p => p.Pin < 1 || p.Pin > map.PinCount).Select(p => p.Pin).Distinct())
        {
            yield return Found(
                "pin-not-there",
                Severity.Stop,
                $"There is no pin {pin}: the connector has {map.PinCount}.",
                $"Count its pins again."
            );
        }

        foreach (var pin in map.Pins.GroupBy(p => p.Pin).Where(g => g.Count() > 1))
        {
            yield return Found(
                "pin-twice",
                Severity.Stop,
                $"Pin {pin.Key} is listed {pin.Count()} times.",
                $"One pin leads to one terminal: trace it."
            );
        }

        foreach (
            var terminal in map
                .Pins.Where(p => p.Terminal.Trim().Length > 0)
                .GroupBy(p => p.Terminal.Trim(), StringComparer.OrdinalIgnoreCase)
                .Where(g => g.Count() > 1)
        )
        {
            yield return Found(
                "pin-terminal-twice",
                Severity.Stop,
                $"Terminal {terminal.Key} is given to pins {string.Join(" and ", terminal.Select(p => p.Pin).Order())}.",
                $"Trace each pin to its own terminal."
            );
        }

        foreach (var pin in map.Pins.Where(p => p.Terminal.Trim().Length == 0))
        {
            yield return Found(
                "pin-leads-nowhere",
                Severity.Fix,
                $"Pin {pin.Pin}, {Say(pin.Function)}, leads to no terminal yet.",
                $"Trace it with the meter, never by its colour."
            );
        }
    }

    private static IEnumerable<Finding> Functions(PinMap map)
    {
        PinFunction[] needed =
            map.Speeds == 2
                ? [PinFunction.LowSpeed, PinFunction.HighSpeed, PinFunction.Common, PinFunction.Earth]
                : [PinFunction.Line, PinFunction.Common, PinFunction.Earth];
        var there = map.Pins.Select(p => p.Function).ToList();
        foreach (var missing in needed.Except(there))
        {
            yield return Found(
                "pin-function-missing",
                Severity.Stop,
                $"A machine with {(map.Speeds == 2 ? "two speeds" : "one speed")} has {Say(missing)}, and no pin is it.",
                $"Go by the pin-out of the exact model."
            );
        }

        foreach (
            var twice in there
                .Where(f => f is not (PinFunction.Other or PinFunction.Earth))
                .GroupBy(f => f)
                .Where(g => g.Count() > 1)
        )
        {
            yield return Found(
                "pin-function-twice",
                Severity.Fix,
                $"{twice.Count()} pins are {Say(twice.Key)}.",
                $"One is wrong: trace them."
            );
        }

        if (map.Speeds == 1 && there.Exists(f => f is PinFunction.LowSpeed or PinFunction.HighSpeed))
        {
            yield return Found(
                "pin-speed-of-one",
                Severity.Fix,
                $"A pin is for one of two speeds, and the machine is said to have one.",
                $"Read the machine’s plate."
            );
        }
    }

    /// <summary>A green lead is an earth, and a pin of which nobody said what it is for is asked about.</summary>
    private static IEnumerable<Finding> Leads(PinMap map)
    {
        foreach (
            var pin in map.Pins.Where(p =>
                p.Function is not (PinFunction.Earth or PinFunction.Other)
                && InsulationColour.TryParse(p.Colour, out var colour)
                && colour is { MarksEarth: true }
            )
        )
        {
            yield return Found(
                "pin-green-live",
                Severity.Stop,
                $"Pin {pin.Pin} is {Say(pin.Function)}, and its lead is {pin.Colour.Trim()}, the mark of an earth: somebody takes hold of it as earth.",
                $"Trace it with the meter; take a lead of another colour for it."
            );
        }

        if (map.Pins.Count < map.PinCount && map.Pins.Count > 0)
        {
            var unsaid = Enumerable.Range(1, map.PinCount).Except(map.Pins.Select(p => p.Pin)).ToList();
            yield return Found(
                "pin-unsaid",
                Severity.Note,
                $"Nobody said what {(unsaid.Count == 1 ? "pin" : "pins")} {string.Join(", ", unsaid)} {(unsaid.Count == 1 ? "is" : "are")} for.",
                $"Look at the connector: empty, or a wire in it? Say which."
            );
        }
    }

    private static Finding Found(string id, Severity severity, FormattableString says, FormattableString what) =>
        new(id, severity, says, what, Practice, ["pin-map"])
        {
            Trust = Trust.CommonPractice,
            Harm = id is "pin-other-speed-live" or "pin-green-live" or "pin-key-not-seen" or "pin-open"
                ? Harm.Shock
                : Harm.Equipment,
        };

    private static string Say(Rotation rotation) =>
        rotation switch
        {
            Rotation.Clockwise => "clockwise",
            Rotation.CounterClockwise => "counter-clockwise",
            _ => "either way",
        };

    private static string Capital(string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>A function in words.</summary>
    public static Term Say(PinFunction function) =>
        function switch
        {
            PinFunction.Line => "line",
            PinFunction.Common => "common or neutral",
            PinFunction.Earth => "earth",
            PinFunction.LowSpeed => "the low speed’s line",
            PinFunction.HighSpeed => "the high speed’s line",
            _ => "something else",
        };
}
