using System.Text.RegularExpressions;
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
    private readonly Dictionary<(string Cell, LengthUnit Unit), (double? Mm, bool IsBare)> _lengths = [];

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

    private static readonly Dictionary<ColumnMeaning, LengthUnit?> LengthColumns = new()
    {
        [ColumnMeaning.Length] = null,
        [ColumnMeaning.LengthM] = LengthUnit.Meter,
        [ColumnMeaning.LengthFt] = LengthUnit.Foot,
        [ColumnMeaning.LengthMm] = LengthUnit.Millimeter,
        [ColumnMeaning.LengthCm] = LengthUnit.Centimeter,
        [ColumnMeaning.LengthIn] = LengthUnit.Inch,
    };

    private static readonly Dictionary<string, LengthUnit> Answers = new(StringComparer.Ordinal)
    {
        ["m"] = LengthUnit.Meter,
        ["ft"] = LengthUnit.Foot,
        ["in"] = LengthUnit.Inch,
        ["cm"] = LengthUnit.Centimeter,
        ["mm"] = LengthUnit.Millimeter,
    };

    /// <summary>Shorter than this, and longer than that, no wire of a list is.</summary>
    private const double ShortestMm = 15,
        LongestMm = 500_000;

    private bool _commaIsDecimal;

    /// <summary>The unit that bare lengths of the list most likely have.</summary>
    internal string UsualLength { get; private set; } = "m";

    /// <summary>What lengths of a list look like together: where the comma stands, and how great they are.</summary>
    internal void LookThrough(Sheet sheet, int headingRow, IReadOnlyList<ListColumn> columns, bool metricSizes)
    {
        if (columns.FirstOrDefault(c => LengthColumns.ContainsKey(c.Meaning)) is not { } column)
        {
            return;
        }

        var cells = sheet
            .Rows.Skip(headingRow + 1)
            .Select(r => Sheet.Cell(r, column.Index))
            .Where(c => c.Length > 0)
            .ToList();
        _commaIsDecimal = cells.Exists(c => CommaBeforeFew().IsMatch(c));
        var bare = cells.Select(c => WireWords.Number(Plain(c))).Where(n => n is not null).Order().ToList();
        UsualLength =
            bare.Count > 0 && bare[bare.Count / 2] > 60 ? "mm"
            : metricSizes
            || columns.All(c => c.Meaning is not (ColumnMeaning.Size or ColumnMeaning.Awg or ColumnMeaning.Conductor))
                ? "m"
            : "ft";
    }

    /// <summary>A number without marks of thousands, its decimals behind a point.</summary>
    private string Plain(string cell) =>
        _commaIsDecimal ? Thousands().Replace(cell, "").Replace(',', '.') : CommaThousands().Replace(cell, "");

    internal Length? Length(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = LengthColumns.Keys.Where(cells.ContainsKey).Cast<ColumnMeaning?>().FirstOrDefault();
        if (column is not { } meaning)
        {
            return null;
        }

        var cell = cells[meaning];
        var unit = LengthColumns[meaning]
            ?? Answers.GetValueOrDefault(doubts.Answer(Doubts.Lengths, UsualLength), LengthUnit.Meter);
        if (!_lengths.TryGetValue((cell, unit), out var read))
        {
            var plain = Plain(cell);
            _lengths[(cell, unit)] = read = (WireWords.LengthMm(plain, unit), WireWords.BareNumber().IsMatch(plain));
        }

        var (length, isBare) = read;
        if (meaning == ColumnMeaning.Length && isBare)
        {
            doubts.Count(Doubts.Lengths);
        }

        if (length is not { } mm)
        {
            problems.Add(
                new(meaning, $"“{WireWords.Shown(cell)}” is no length: write such as 3.2 m, 12 ft or 12' 6\".")
            );
            return null;
        }

        if (mm is > 0 and < ShortestMm or > LongestMm)
        {
            doubts.Unknown(Doubts.OddLengths, cell);
        }

        if (LengthColumns[meaning] is { } said && !isBare && SaysOther(cell, said))
        {
            doubts.Unknown(Doubts.OtherUnits, cell);
        }

        return new Length(mm);
    }

    /// <summary>Whether a cell has a unit of its own that is not its heading's.</summary>
    private static bool SaysOther(string cell, LengthUnit heading) =>
        UnitsNet.Length.TryParse(cell.Replace(',', '.'), System.Globalization.CultureInfo.InvariantCulture, out var own)
        && own.Unit != heading;

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

    /// <summary>A comma before one, two, or more than three digits is a decimal comma.</summary>
    [GeneratedRegex(
        @"[0-9],(?:[0-9]{1,2}|[0-9]{4,})(?![0-9])",
        RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex CommaBeforeFew();

    [GeneratedRegex(
        @"(?<=[0-9])[. ’'\u00A0\u202F](?=[0-9]{3}(?![0-9]))",
        RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Thousands();

    [GeneratedRegex(@"(?<=[0-9]),(?=[0-9]{3}(?![0-9]))", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex CommaThousands();

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
