using System.Text.RegularExpressions;
using Lacet.Core.Conductors;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads the cells of a list that say what a conductor is, in whichever column each part of it stands: its size, its
/// build, its letters, its colour.
/// </summary>
internal sealed partial class ConductorCells(IReadOnlyList<ListColumn> columns, Doubts doubts)
{
    private static readonly string[] GaugeOrMetric = ["1", "2", "4", "6", "10", "16", "25"];

    private static readonly ColumnMeaning[] SizeColumns =
    [
        ColumnMeaning.Size,
        ColumnMeaning.Conductor,
        ColumnMeaning.Mm2,
        ColumnMeaning.Awg,
    ];

    // A list repeats itself: what was read once is known.
    private readonly Dictionary<string, WireReading> _read = new(StringComparer.Ordinal);
    private readonly Dictionary<WireReading, (Conductor Conductor, bool Said)?> _conductors = [];
    private bool _unclear;

    /// <summary>Whether most sizes of the list that say what they are, are mm².</summary>
    internal bool MetricColumn { get; private set; }

    /// <summary>What a row says of its conductor; null where it says nothing.</summary>
    internal CellsOfConductor Read(Dictionary<ColumnMeaning, string> cells, List<CellProblem> problems)
    {
        var column = SizeColumns.Where(cells.ContainsKey).Cast<ColumnMeaning?>().FirstOrDefault();
        var size = column is { } meaning ? Reading(WithUnit(cells[meaning], meaning)) : new WireReading();
        if (size.NotUnderstood.FirstOrDefault() is { } unknown)
        {
            problems.Add(new(column!.Value, unknown.Says));
        }

        var build = cells.TryGetValue(ColumnMeaning.Build, out var written) ? Reading(written) : new WireReading();
        if (build.NotUnderstood.Any())
        {
            doubts.Unknown(Doubts.UnknownTypes, written!);
        }

        var colour = Colour(cells, size, build, problems);
        var said = size with
        {
            Size = size.Size ?? build.Size,
            Build = size.Build ?? build.Build,
            Material = size.Material ?? build.Material,
            Designation = size.Designation ?? build.Designation,
            Count = size.Count ?? build.Count,
            Earth = size.Earth != EarthInCable.NotSaid ? size.Earth : build.Earth,
            Shielded = size.Shielded || build.Shielded,
            Colour = null,
            Length = null,
        };
        if (!_conductors.TryGetValue(said, out var known))
        {
            _conductors[said] = known = Made(said);
        }

        if (known is { Said: false } && problems.Count == 0)
        {
            doubts.Count(Doubts.Builds);
        }

        return new(known?.Conductor, colour, size.Length ?? build.Length, OfCable(said));
    }

    private static WireReading? OfCable(WireReading said) =>
        said.Count is > 1 || said.Designation is { IsJacketed: true } ? said : null;

    /// <summary>A colour column speaks first; where there is none, the colour stands beside the size or the type.</summary>
    private InsulationColour? Colour(
        Dictionary<ColumnMeaning, string> cells,
        WireReading size,
        WireReading build,
        List<CellProblem> problems
    )
    {
        if (!cells.TryGetValue(ColumnMeaning.Colour, out var cell))
        {
            return size.Colour ?? build.Colour;
        }

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

    private WireReading Reading(string text)
    {
        if (!_read.TryGetValue(text, out var read))
        {
            _read[text] = read = WireText.Read(text);
        }

        return read;
    }

    private (Conductor Conductor, bool Said)? Made(WireReading said)
    {
        if (said.Size is not { } size)
        {
            return null;
        }

        var known = said.KnownBuild(size);
        return ((said with { Build = known ?? UnsaidBuild(size) }).Over(null)!, known is not null);
    }

    /// <summary>
    /// A bare number takes its unit from its column, or from the rest of it, or from the answer; words of the make may
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

        if (column == ColumnMeaning.Mm2 || number.AsSpan().ContainsAny('.', ','))
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

    /// <summary>A number without a unit, and what stands behind it; null where it is no number, or has a unit.</summary>
    private static (string Number, string Words)? Bare(string text) =>
        BareSize().Match(text) is { Success: true } match
            ? (match.Groups["number"].Value, match.Groups["words"].Value)
            : null;

    /// <summary>Whether the sizes without a unit stand among gauges, among mm², or among both.</summary>
    internal void LookThrough(Sheet sheet, int headingRow)
    {
        if (columns.FirstOrDefault(c => c.Meaning is ColumnMeaning.Size or ColumnMeaning.Conductor) is not { } column)
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
            if (
                Reading(
                    Bare(cell)?.Number is { } number && number.AsSpan().ContainsAny('.', ',') ? $"{number} mm²" : cell
                )
                is not { Size: { } size }
            )
            {
                continue;
            }

            if (size.System == SizeSystem.Metric)
            {
                metric++;
            }
            else
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

    [GeneratedRegex(
        @"^(?<number>[0-9]{1,3}(?:[.,][0-9]{1,3})?)(?:\s+(?<words>(?!awg|ga\b|gauge|kcmil|mcm|mm|sq|qmm|[x×/-])\D.*))?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex BareSize();
}
