using System.Text.RegularExpressions;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;
using UnitsNet.Units;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads the other cells of a list: lengths, colours, ferrules, amperes and volts. What is wrong is told with what
/// would be right.
/// </summary>
internal sealed partial class ListCells(Doubts doubts)
{
    // A list repeats itself: what was read once is known.
    private readonly Dictionary<(string Cell, LengthUnit Unit), double?> _lengths = [];

    internal static (GivenFerrule? Given, bool Bare) Ferrule(string cell, List<CellProblem> problems)
    {
        if (NoFerrule().IsMatch(cell))
        {
            return (null, true);
        }

        if (
            FerruleSize().Match(cell) is { Success: true } match
            && WireWords.Number(match.Groups["size"].Value) is { } size
        )
        {
            return (new(size, WireWords.Number(match.Groups["pin"].Value) is { } pin ? new Length(pin) : null), false);
        }

        if (Yes().IsMatch(cell))
        {
            return (null, false);
        }

        problems.Add(
            new(
                ColumnMeaning.Ferrule,
                $"“{WireWords.Shown(cell)}” is no ferrule: write its size in mm², such as 2.5 or 2.5/8 with the pin, or none."
            )
        );
        return (null, false);
    }

    internal static InsulationColour? Colour(string cell, List<CellProblem> problems)
    {
        if (InsulationColour.TryParse(cell, out var colour))
        {
            return colour;
        }

        problems.Add(
            new(
                ColumnMeaning.Colour,
                $"“{WireWords.Shown(cell)}” is no colour: write such as black, BK, or green/yellow."
            )
        );
        return null;
    }

    internal Length? Length(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = new[]
        {
            ColumnMeaning.Length,
            ColumnMeaning.LengthM,
            ColumnMeaning.LengthFt,
            ColumnMeaning.LengthMm,
        }
            .Where(cells.ContainsKey)
            .Cast<ColumnMeaning?>()
            .FirstOrDefault();
        if (column is not { } meaning)
        {
            return null;
        }

        var cell = cells[meaning];
        if (meaning == ColumnMeaning.Length && WireWords.BareNumber().IsMatch(cell))
        {
            doubts.Count(Doubts.Lengths);
        }

        var unit = meaning switch
        {
            ColumnMeaning.LengthFt => LengthUnit.Foot,
            ColumnMeaning.LengthMm => LengthUnit.Millimeter,
            ColumnMeaning.Length when doubts.Answer(Doubts.Lengths, "m") is "ft" => LengthUnit.Foot,
            ColumnMeaning.Length when doubts.Answer(Doubts.Lengths, "m") is "mm" => LengthUnit.Millimeter,
            _ => LengthUnit.Meter,
        };
        if (!_lengths.TryGetValue((cell, unit), out var length))
        {
            _lengths[(cell, unit)] = length = WireWords.LengthMm(cell, unit);
        }

        if (length is { } mm)
        {
            return new Length(mm);
        }

        problems.Add(new(meaning, $"“{WireWords.Shown(cell)}” is no length: write such as 3.2 m, 12 ft or 12' 6\"."));
        return null;
    }

    internal static double? Positive(
        Dictionary<ColumnMeaning, string> cells,
        ColumnMeaning column,
        Func<string, double?> read,
        string wants,
        List<CellProblem> problems
    )
    {
        if (!cells.TryGetValue(column, out var cell))
        {
            return null;
        }

        if (read(cell) is { } number and > 0)
        {
            return number;
        }

        problems.Add(new(column, $"“{WireWords.Shown(cell)}” is no number of {wants}."));
        return null;
    }

    [GeneratedRegex(
        @"^(?:none|no|bare|without|-)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex NoFerrule();

    [GeneratedRegex(
        @"^(?:yes|y|x|ferrule|both)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Yes();

    [GeneratedRegex(
        @"^(?:ferrule\s*)?(?<size>[0-9]{1,3}(?:[.,][0-9]{1,2})?)\s*(?:mm²|mm2)?(?:\s*[/x-]\s*(?<pin>[0-9]{1,2}))?\s*(?:mm)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex FerruleSize();
}
