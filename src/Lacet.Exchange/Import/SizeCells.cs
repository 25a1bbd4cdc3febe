using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads the cells of a list that say what a conductor is: its size, in whichever column, and its build.
/// </summary>
internal sealed partial class SizeCells(IReadOnlyList<ListColumn> columns, Doubts doubts)
{
    private static readonly string[] GaugeOrMetric = ["1", "2", "4", "6", "10", "16", "25"];

    // A list repeats itself: what was read once is known.
    private readonly Dictionary<string, (Conductor? Conductor, bool Said, string? Problem)> _conductors = new(
        StringComparer.Ordinal
    );
    private bool _unclear;

    /// <summary>Whether most sizes of the list that say what they are, are mm².</summary>
    internal bool MetricColumn { get; private set; }

    /// <summary>The conductor that a row names, and how many of it; null where it names none.</summary>
    internal (Conductor? Conductor, int Count) Read(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = new[] { ColumnMeaning.Size, ColumnMeaning.Mm2, ColumnMeaning.Awg }
            .Where(cells.ContainsKey)
            .Cast<ColumnMeaning?>()
            .FirstOrDefault();
        if (column is not { } meaning)
        {
            return (null, 1);
        }

        var (text, count) = (cells[meaning], 1);
        if (SeveralCores().Match(text) is { Success: true } several)
        {
            count = int.Parse(several.Groups["count"].Value, CultureInfo.InvariantCulture);
            text = several.Groups["size"].Value;
            if (count > 1)
            {
                doubts.Count(Doubts.Several);
            }
        }

        text = WithUnit(text, meaning);
        if (cells.TryGetValue(ColumnMeaning.Build, out var build))
        {
            text = $"{text} {BuildWords(build)}";
        }

        if (!_conductors.TryGetValue(text, out var read))
        {
            _conductors[text] = read = ReadConductor(text);
        }

        if (read.Problem is { } problem)
        {
            problems.Add(new(meaning, problem));
        }
        else if (!read.Said)
        {
            doubts.Count(Doubts.Builds);
        }

        return (read.Conductor, count);
    }

    private (Conductor? Conductor, bool Said, string? Problem) ReadConductor(string text)
    {
        try
        {
            var read = ConductorText.Read(text, null);
            var said = ConductorText.SaysBuild(text);
            return (said ? read : Conductor.Of(read.Size, UnsaidBuild(read.Size), read.Material), said, null);
        }
        catch (ImpossibleInputException impossible)
        {
            return (null, false, impossible.Message);
        }
    }

    /// <summary>
    /// A bare number takes its unit from its column, or from the rest of it, or from the answer; words of the build may
    /// stand behind it.
    /// </summary>
    private string WithUnit(string text, ColumnMeaning column)
    {
        if (Bare(text) is not var (number, words))
        {
            return text;
        }

        if (column == ColumnMeaning.Awg)
        {
            return $"{number} AWG {words}";
        }

        if (
            column == ColumnMeaning.Mm2
            || number.Contains('.', StringComparison.Ordinal)
            || number.Contains(',', StringComparison.Ordinal)
        )
        {
            return $"{number} mm² {words}";
        }

        if (!GaugeOrMetric.Contains(number, StringComparer.Ordinal))
        {
            return text;
        }

        if (_unclear)
        {
            doubts.Count(Doubts.Systems);
        }

        return $"{number}{(doubts.Answer(Doubts.Systems, MetricColumn ? "mm2" : "awg") is "mm2" ? " mm²" : " AWG")} {words}";
    }

    /// <summary>A number without a unit, and the words of the build behind it; null where there is more.</summary>
    private static (string Number, string Words)? Bare(string text)
    {
        var parts = text.Split(' ', 2, StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        return
            parts.Length > 0
            && WireWords.BareNumber().IsMatch(parts[0])
            && (parts.Length == 1 || parts[1].Split(' ').All(ConductorText.IsWord))
            ? (parts[0], parts.Length == 1 ? "" : parts[1])
            : null;
    }

    /// <summary>Whether the sizes without a unit stand among gauges, among mm², or among both.</summary>
    internal void LookThrough(Sheet sheet, int headingRow)
    {
        if (columns.FirstOrDefault(c => c.Meaning == ColumnMeaning.Size) is not { } column)
        {
            return;
        }

        var (gauges, metric) = (0, 0);
        foreach (
            var cell in sheet
                .Rows.Skip(headingRow + 1)
                .Select(r => Sheet.Cell(r, column.Index))
                .Where(c => c.Length > 0 && !GaugeOrMetric.Contains(Bare(c)?.Number, StringComparer.Ordinal))
        )
        {
            if (Metric().IsMatch(cell))
            {
                metric++;
            }
            else if (
                ConductorSize.TryParse(Bare(cell)?.Number ?? cell, out var size, out _)
                && size.System != SizeSystem.Metric
            )
            {
                gauges++;
            }
        }

        _unclear = (gauges > 0) == (metric > 0);
        MetricColumn = metric > gauges;
    }

    private Build UnsaidBuild(ConductorSize size) =>
        doubts.Answer(Doubts.Builds, "usual") switch
        {
            "solid" => Build.Solid,
            "stranded" => Build.Stranded,
            "fine" => Build.FineStranded,
            _ => size.System == SizeSystem.Metric ? Build.FineStranded : Build.Stranded,
        };

    /// <summary>What stands in such a column besides: insulation types say nothing of the build.</summary>
    private static string BuildWords(string cell)
    {
        var words = cell.Split([' ', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries)
            .Where(ConductorText.IsWord)
            .ToList();
        // "Fine stranded" is one build in two words.
        return string.Join(
            ' ',
            words.Contains("fine", StringComparer.OrdinalIgnoreCase)
                ? words.Where(w => !w.StartsWith("strand", StringComparison.OrdinalIgnoreCase))
                : words
        );
    }

    [GeneratedRegex(
        @"^(?<count>[0-9]{1,2})\s*(?:[xX×*]|G(?=[0-9]))\s*(?<size>[0-9].*)$",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex SeveralCores();

    [GeneratedRegex(
        @"^[0-9]{1,3}[.,][0-9]|mm",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Metric();
}
