using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using UnitsNet.Units;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads a sheet as a wire list, once its columns are known. What is doubtful is read one way and asked about; what is
/// wrong is said by row and column; titles, totals and headings that are repeated are left out, and said.
/// </summary>
/// <param name="columns">What the columns hold.</param>
/// <param name="answers">Answers to questions of an earlier reading, by id.</param>
/// <param name="onShelf">Finds a landing on the Shelf by its code.</param>
public sealed partial class WireListReader(
    IReadOnlyList<ListColumn> columns, IReadOnlyDictionary<string, string> answers, Func<string, LandingDocument?> onShelf)
{
    private const string Systems = "size-system", Builds = "build", Lengths = "length-unit", Several = "several", Names = "names";

    private static readonly string[] GaugeOrMetric = ["1", "2", "4", "6", "10", "16", "25"];

    // How many rows each doubt is about.
    private readonly Dictionary<string, int> _doubts = new(StringComparer.Ordinal);
    private readonly Dictionary<string, int> _unknownFunctions = new(StringComparer.OrdinalIgnoreCase);
    // A list repeats itself: what was read once is known.
    private readonly Dictionary<string, ListedEnd?> _described = new(StringComparer.Ordinal);
    private readonly Dictionary<string, (ConductorDocument? Conductor, bool Said, string? Problem)> _conductors = new(StringComparer.Ordinal);
    private readonly Dictionary<(string Cell, LengthUnit Unit), double?> _lengths = [];
    private bool _bothSystems;
    private bool _metricColumn;

    /// <summary>Reads the rows below the headings. <paramref name="corrections"/> are cells that were put right, by row and column.</summary>
    public WireList Read(
        Sheet sheet, int headingRow, IReadOnlyDictionary<(int Row, ColumnMeaning Column), string> corrections, IProgress<int>? progress, CancellationToken cancellation)
    {
        LookThroughSizes(sheet, headingRow);
        var rows = new List<ListRow>();
        var (blank, totals, repeated, titles) = (0, 0, 0, 0);
        for (var i = headingRow + 1; i < sheet.Rows.Count; i++)
        {
            cancellation.ThrowIfCancellationRequested();
            var cells = Cells(sheet.Rows[i], i + 1, corrections);
            if (sheet.Rows[i].All(string.IsNullOrWhiteSpace))
            {
                blank++;
            }
            else if (Total().IsMatch(sheet.Rows[i].First(c => c.Length > 0)) && !cells.ContainsKey(ColumnMeaning.From) && !cells.ContainsKey(ColumnMeaning.To))
            {
                totals++;
            }
            else if (columns.Where(c => c.Meaning != ColumnMeaning.Note).All(c => string.Equals(At(sheet.Rows[i], c.Index), c.Heading, StringComparison.OrdinalIgnoreCase)))
            {
                repeated++;
            }
            else if (!cells.Keys.Any(m => m is not (ColumnMeaning.Wire or ColumnMeaning.Note or ColumnMeaning.Length or ColumnMeaning.LengthM or ColumnMeaning.LengthFt or ColumnMeaning.LengthMm)))
            {
                // One cell across the page: a title between the rows.
                titles++;
            }
            else
            {
                ReadRow(i + 1, cells, rows);
            }

            if (rows.Count % 500 == 0)
            {
                progress?.Report(rows.Count);
            }
        }

        return new(rows, Questions(), Notices(totals, repeated, titles));
    }

    /// <summary>The function that a cell says; null where it says none that is known.</summary>
    public static Core.Jobs.WireFunction? ReadFunction(string cell) => WireWords.Function(cell);

    /// <summary>Reads one row that somebody typed.</summary>
    public static ListRow ReadOne(IReadOnlyList<(ColumnMeaning Column, string Cell)> cells, Func<string, LandingDocument?> onShelf)
    {
        var reader = new WireListReader([.. cells.Select((c, i) => new ListColumn(i, c.Column.ToString(), c.Column, Sure: true))], new Dictionary<string, string>(StringComparer.Ordinal), onShelf);
        var rows = new List<ListRow>();
        reader.ReadRow(1, cells.ToDictionary(c => c.Column, c => c.Cell.Trim()), rows);
        return rows[0];
    }

    private static string At(IReadOnlyList<string> row, int index) => index < row.Count ? row[index].Trim() : "";

    private Dictionary<ColumnMeaning, string> Cells(IReadOnlyList<string> row, int number, IReadOnlyDictionary<(int, ColumnMeaning), string> corrections)
    {
        var cells = new Dictionary<ColumnMeaning, string>();
        foreach (var column in columns)
        {
            var cell = corrections.TryGetValue((number, column.Meaning), out var right) ? right.Trim() : At(row, column.Index);
            if (column.Meaning != ColumnMeaning.Note && cell.Length > 0)
            {
                cells[column.Meaning] = Plain(cell);
            }
        }

        return cells;
    }

    /// <summary>Our own exports put an apostrophe before what a spreadsheet would take for a formula.</summary>
    private static string Plain(string cell) => cell.Length > 1 && cell[0] == '\'' && "=+-@'".Contains(cell[1], StringComparison.Ordinal) ? cell[1..] : cell;

    private void ReadRow(int number, Dictionary<ColumnMeaning, string> cells, List<ListRow> rows)
    {
        var problems = new List<CellProblem>();
        var name = cells.GetValueOrDefault(ColumnMeaning.Wire);
        if (name is null)
        {
            name = string.Create(CultureInfo.InvariantCulture, $"W{number}");
            _doubts[Names] = _doubts.GetValueOrDefault(Names) + 1;
        }

        var (conductor, count) = Size(cells, problems);
        var ferrule = cells.GetValueOrDefault(ColumnMeaning.Ferrule);
        var (given, bare) = ferrule is null ? (null, false) : Ferrule(ferrule, problems);
        var wire = new ListedWire(number, name)
        {
            From = End(cells, ColumnMeaning.From, ColumnMeaning.FromEnclosure, ColumnMeaning.FromLanding, problems),
            To = End(cells, ColumnMeaning.To, ColumnMeaning.ToEnclosure, ColumnMeaning.ToLanding, problems),
            Conductor = conductor,
            Colour = cells.TryGetValue(ColumnMeaning.Colour, out var colour) ? Colour(colour, problems) : null,
            Function = cells.TryGetValue(ColumnMeaning.Function, out var function) ? Function(function) : null,
            Circuit = cells.GetValueOrDefault(ColumnMeaning.Circuit),
            BreakerAmps = Positive(cells, ColumnMeaning.Breaker, WireWords.Amps, "amperes, such as 20 or 20 A", problems),
            Volts = Positive(cells, ColumnMeaning.Volts, WireWords.Volts, "volts, such as 120 or 24 V", problems),
            LoadAmps = Positive(cells, ColumnMeaning.Load, WireWords.Amps, "amperes, such as 12 or 12 A", problems),
            LengthMm = Length(cells, problems),
            Run = cells.GetValueOrDefault(ColumnMeaning.Run),
            Ferrule = given,
            SaidBare = bare,
        };
        if (count > 1 && Answer(Several, "one") is "each" && problems.Count == 0)
        {
            for (var i = 0; i < count; i++)
            {
                rows.Add(new(number, cells, wire with { Name = string.Create(CultureInfo.InvariantCulture, $"{name}.{i + 1}") }, []));
            }

            return;
        }

        rows.Add(new(number, cells, problems.Count == 0 ? wire : null, problems));
    }

    private ListedEnd? End(Dictionary<ColumnMeaning, string> cells, ColumnMeaning place, ColumnMeaning enclosure, ColumnMeaning landing, List<CellProblem> problems)
    {
        if (!cells.TryGetValue(place, out var cell) || Nowhere().IsMatch(cell))
        {
            return null;
        }

        if (cell.Length > 200)
        {
            problems.Add(new(place, "A landing’s name has at most 200 characters."));
            return null;
        }

        var end = LandingWords.Place(cell, cells.GetValueOrDefault(enclosure));
        if (!cells.TryGetValue(landing, out var words))
        {
            return end;
        }

        if (Describe(words) is { } described)
        {
            return described with { Enclosure = end.Enclosure, Device = end.Device, Name = end.Name };
        }

        problems.Add(new(landing, $"“{Shown(words)}” is no landing that is known: write its code on the Shelf, or such as screw clamp, push-in, binding screw brass, lug."));
        return end;
    }

    /// <summary>A list says the same of many landings: it is read once.</summary>
    private ListedEnd? Describe(string words)
    {
        if (!_described.TryGetValue(words, out var described))
        {
            _described[words] = described = LandingWords.Describe(new(null, null, ""), words, onShelf);
        }

        return described;
    }

    private (ConductorDocument? Conductor, int Count) Size(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = new[] { ColumnMeaning.Size, ColumnMeaning.Mm2, ColumnMeaning.Awg }.Where(cells.ContainsKey).Cast<ColumnMeaning?>().FirstOrDefault();
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
                _doubts[Several] = _doubts.GetValueOrDefault(Several) + 1;
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
            _doubts[Builds] = _doubts.GetValueOrDefault(Builds) + 1;
        }

        return (read.Conductor, count);
    }

    private (ConductorDocument? Conductor, bool Said, string? Problem) ReadConductor(string text)
    {
        try
        {
            var read = ConductorText.Read(text, null);
            var said = ConductorText.SaysBuild(text);
            return (ConductorDocument.Of(said ? read : Conductor.Of(read.Size, UnsaidBuild(read.Size), read.Material)), said, null);
        }
        catch (ImpossibleInputException impossible)
        {
            return (null, false, impossible.Message);
        }
    }

    /// <summary>A bare number takes its unit from its column, or from the rest of it, or from the answer; words of the build may stand behind it.</summary>
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

        if (column == ColumnMeaning.Mm2 || number.Contains('.', StringComparison.Ordinal) || number.Contains(',', StringComparison.Ordinal))
        {
            return $"{number} mm² {words}";
        }

        if (!GaugeOrMetric.Contains(number, StringComparer.Ordinal))
        {
            return text;
        }

        if (_bothSystems)
        {
            _doubts[Systems] = _doubts.GetValueOrDefault(Systems) + 1;
        }

        return $"{number}{(Answer(Systems, _metricColumn ? "mm2" : "awg") is "mm2" ? " mm²" : " AWG")} {words}";
    }

    /// <summary>A number without a unit, and the words of the build behind it; null where there is more.</summary>
    private static (string Number, string Words)? Bare(string text)
    {
        var parts = text.Split(' ', 2, StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
        return parts.Length > 0 && BareNumber().IsMatch(parts[0]) && (parts.Length == 1 || parts[1].Split(' ').All(ConductorText.IsWord))
            ? (parts[0], parts.Length == 1 ? "" : parts[1])
            : null;
    }

    /// <summary>Whether the sizes without a unit stand among gauges, among mm², or among both.</summary>
    private void LookThroughSizes(Sheet sheet, int headingRow)
    {
        if (columns.FirstOrDefault(c => c.Meaning == ColumnMeaning.Size) is not { } column)
        {
            return;
        }

        var (gauges, metric) = (0, 0);
        foreach (var cell in sheet.Rows.Skip(headingRow + 1).Select(r => At(r, column.Index)).Where(c => c.Length > 0 && !GaugeOrMetric.Contains(Bare(c)?.Number, StringComparer.Ordinal)))
        {
            if (Metric().IsMatch(cell))
            {
                metric++;
            }
            else if (ConductorSize.TryParse(Bare(cell)?.Number ?? cell, out var size, out _) && size.System != SizeSystem.Metric)
            {
                gauges++;
            }
        }

        _bothSystems = gauges > 0 && metric > 0;
        _metricColumn = metric > gauges;
    }

    private Build UnsaidBuild(ConductorSize size) => Answer(Builds, "usual") switch
    {
        "solid" => Build.Solid,
        "stranded" => Build.Stranded,
        "fine" => Build.FineStranded,
        _ => size.System == SizeSystem.Metric ? Build.FineStranded : Build.Stranded,
    };

    /// <summary>What stands in such a column besides: insulation types say nothing of the build.</summary>
    private static string BuildWords(string cell)
    {
        var words = cell.Split([' ', ',', ';', '/'], StringSplitOptions.RemoveEmptyEntries).Where(ConductorText.IsWord).ToList();
        // "Fine stranded" is one build in two words.
        return string.Join(' ', words.Contains("fine", StringComparer.OrdinalIgnoreCase) ? words.Where(w => !w.StartsWith("strand", StringComparison.OrdinalIgnoreCase)) : words);
    }

    private (GivenFerruleDocument? Given, bool Bare) Ferrule(string cell, List<CellProblem> problems)
    {
        if (NoFerrule().IsMatch(cell))
        {
            return (null, true);
        }

        if (FerruleSize().Match(cell) is { Success: true } match && WireWords.Number(match.Groups["size"].Value) is { } size)
        {
            return (new(size, match.Groups["pin"].Success ? WireWords.Number(match.Groups["pin"].Value) : null), false);
        }

        if (Yes().IsMatch(cell))
        {
            return (null, false);
        }

        problems.Add(new(ColumnMeaning.Ferrule, $"“{Shown(cell)}” is no ferrule: write its size in mm², such as 2.5 or 2.5/8 with the pin, or none."));
        return (null, false);
    }

    private static string? Colour(string cell, List<CellProblem> problems)
    {
        if (InsulationColour.TryParse(cell, out var colour))
        {
            return colour.ToString();
        }

        problems.Add(new(ColumnMeaning.Colour, $"“{Shown(cell)}” is no colour: write such as black, BK, or green/yellow."));
        return null;
    }

    private Core.Jobs.WireFunction? Function(string cell)
    {
        var function = WireWords.Function(cell);
        if (function is null)
        {
            _unknownFunctions[cell] = _unknownFunctions.GetValueOrDefault(cell) + 1;
        }

        return function;
    }

    private double? Length(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = new[] { ColumnMeaning.Length, ColumnMeaning.LengthM, ColumnMeaning.LengthFt, ColumnMeaning.LengthMm }.Where(cells.ContainsKey).Cast<ColumnMeaning?>().FirstOrDefault();
        if (column is not { } meaning)
        {
            return null;
        }

        var cell = cells[meaning];
        if (meaning == ColumnMeaning.Length && BareNumber().IsMatch(cell))
        {
            _doubts[Lengths] = _doubts.GetValueOrDefault(Lengths) + 1;
        }

        var unit = meaning switch
        {
            ColumnMeaning.LengthFt => LengthUnit.Foot,
            ColumnMeaning.LengthMm => LengthUnit.Millimeter,
            ColumnMeaning.Length when Answer(Lengths, "m") is "ft" => LengthUnit.Foot,
            ColumnMeaning.Length when Answer(Lengths, "m") is "mm" => LengthUnit.Millimeter,
            _ => LengthUnit.Meter,
        };
        if (!_lengths.TryGetValue((cell, unit), out var length))
        {
            _lengths[(cell, unit)] = length = WireWords.LengthMm(cell, unit);
        }

        if (length is { } mm)
        {
            return mm;
        }

        problems.Add(new(meaning, $"“{Shown(cell)}” is no length: write such as 3.2 m, 12 ft or 12' 6\"."));
        return null;
    }

    private static double? Positive(Dictionary<ColumnMeaning, string> cells, ColumnMeaning column, Func<string, double?> read, string wants, List<CellProblem> problems)
    {
        if (!cells.TryGetValue(column, out var cell))
        {
            return null;
        }

        if (read(cell) is { } number and > 0)
        {
            return number;
        }

        problems.Add(new(column, $"“{Shown(cell)}” is no number of {wants}."));
        return null;
    }

    private string Answer(string question, string otherwise) => answers.GetValueOrDefault(question, otherwise);

    private List<ImportQuestion> Questions()
    {
        var questions = new List<ImportQuestion>();
        Ask(Systems, "Some sizes are bare numbers that are a gauge and a metric size too, such as 4, 6, 10 or 16. What are they?", _metricColumn ? "mm2" : "awg", ("awg", "AWG"), ("mm2", "mm²"));
        Ask(Builds, "Some wires don’t say solid, stranded or fine. What are they?", "usual", ("usual", "AWG stranded, mm² fine-stranded"), ("solid", "all solid"), ("stranded", "all stranded"), ("fine", "all fine-stranded"));
        Ask(Lengths, "Some lengths have no unit. What are they?", "m", ("m", "metres"), ("ft", "feet"), ("mm", "millimetres"));
        Ask(Several, "Some sizes count conductors, such as 2x0.75. What is such a row?", "one", ("one", "one conductor of that cable"), ("each", "as many wires as it says, side by side"));
        return questions;

        void Ask(string id, string says, string otherwise, params (string Value, string Says)[] options)
        {
            if (_doubts.TryGetValue(id, out var rows))
            {
                questions.Add(new(id, says, [.. options.Select(o => new ImportOption(o.Value, o.Says))], Answer(id, otherwise), rows));
            }
        }
    }

    private List<string> Notices(int totals, int repeated, int titles)
    {
        var notices = new List<string>();
        void Say(int count, string one, string many)
        {
            if (count > 0)
            {
                notices.Add(count == 1 ? one : string.Format(CultureInfo.InvariantCulture, many, count));
            }
        }

        Say(titles, "One row is a title between the others and was left out.", "{0} rows are titles between the others and were left out.");
        Say(repeated, "One row repeats the headings and was left out.", "{0} rows repeat the headings and were left out.");
        Say(totals, "One row adds up and was left out.", "{0} rows add up and were left out.");
        Say(_doubts.GetValueOrDefault(Names), "One wire has no number and is named after its row.", "{0} wires have no number and are named after their rows.");
        Say(_unknownFunctions.Values.Sum(), $"One function is not known (“{Shown(_unknownFunctions.Keys.FirstOrDefault() ?? "")}”) and is left open.", $"{{0}} functions are not known (such as “{Shown(_unknownFunctions.Keys.FirstOrDefault() ?? "").Replace("{", "{{", StringComparison.Ordinal).Replace("}", "}}", StringComparison.Ordinal)}”) and are left open.");
        return notices;
    }

    private static string Shown(string cell) => cell.Length > 40 ? cell[..40] + "…" : cell;

    [GeneratedRegex(@"^(?:sub)?-?\s*(?:total|sum|count)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Total();

    [GeneratedRegex(@"^(?:-+|—|–|n/?a|nowhere|spare)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Nowhere();

    [GeneratedRegex(@"^(?<count>\d{1,2})\s*(?:[xX×*]|G(?=\d))\s*(?<size>\d.*)$", RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex SeveralCores();

    [GeneratedRegex(@"^\d{1,9}(?:[.,]\d{1,4})?$", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex BareNumber();

    [GeneratedRegex(@"^\d{1,3}[.,]\d|mm", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Metric();

    [GeneratedRegex(@"^(?:none|no|bare|without|-)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex NoFerrule();

    [GeneratedRegex(@"^(?:yes|y|x|ferrule|both)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Yes();

    [GeneratedRegex(@"^(?:ferrule\s*)?(?<size>\d{1,3}(?:[.,]\d{1,2})?)\s*(?:mm²|mm2)?(?:\s*[/x-]\s*(?<pin>\d{1,2}))?\s*(?:mm)?$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex FerruleSize();
}
