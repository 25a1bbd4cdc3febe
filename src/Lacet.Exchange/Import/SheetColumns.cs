namespace Lacet.Exchange.Import;

/// <summary>What the columns of a sheet hold, told by heading and cells together.</summary>
/// <param name="HeadingRow">The row of headings, from 0; the last of them where they stand over two rows; -1 where there
/// are none.</param>
/// <param name="Columns">The columns, in order.</param>
public sealed record SheetColumns(int HeadingRow, IReadOnlyList<ListColumn> Columns)
{
    /// <summary>Titles, dates and logos stand above a list; they do not stand above it for long.</summary>
    private const int RowsLookedThrough = 40;

    /// <summary>So many headings at least tell a row of headings.</summary>
    private const int LeastHeadings = 2;

    /// <summary>With less a column of a wire list is only guessed.</summary>
    private const double LeastScore = 1.5;

    /// <summary>From so much on a heading is known.</summary>
    private const double KnownHeading = 3.5;

    /// <summary>So many rows tell whether a list has no headings at all.</summary>
    private const int RowsWithout = 12;

    /// <summary>Whether it can be a wire list at all: it says where wires go, or what they are, with a name.</summary>
    public bool IsWireList =>
        Columns.Count(c =>
            c.Meaning is not (ColumnMeaning.Note or ColumnMeaning.Remark)
            && c.Candidates.FirstOrDefault(o => o.Meaning == c.Meaning) is { Score: >= LeastScore }
        ) >= LeastHeadings
        && Columns.Any(c =>
            EndColumns.SaysPlace(c.Meaning)
            || c.Meaning is ColumnMeaning.Size or ColumnMeaning.Conductor or ColumnMeaning.Awg or ColumnMeaning.Mm2
        );

    /// <summary>Finds the row of headings, and reads the columns below it.</summary>
    public static SheetColumns Find(Sheet sheet) => Read(sheet, FindHeadings(sheet));

    /// <summary>Reads the columns below a row of headings, from 0; -1 where there are none.</summary>
    public static SheetColumns At(Sheet sheet, int headingRow) =>
        Read(sheet, headingRow < 0 ? (-1, []) : (headingRow, OverTwo(sheet, headingRow) ?? sheet.Rows[headingRow]));

    /// <summary>
    /// The columns as somebody says that they are. Of those that he said nothing of (whose places are not among
    /// <paramref name="said"/>) each stays as sure as it was found; null where all were said.
    /// </summary>
    public SheetColumns Given(IReadOnlyList<ColumnMeaning> meanings, IReadOnlyList<int>? said = null) =>
        this with
        {
            Columns =
            [
                .. Columns.Select(
                    (c, i) =>
                        i >= meanings.Count || (said?.Contains(i) == false && c.Meaning == meanings[i])
                            ? c
                            : c with
                            {
                                Meaning = meanings[i],
                                Sure = true,
                            }
                ),
            ],
        };

    private static SheetColumns Read(Sheet sheet, (int Row, IReadOnlyList<string> Texts) headings)
    {
        var first = headings.Row + 1;
        var width = Math.Max(
            headings.Texts.Count,
            sheet.Rows.Skip(first).Take(1000).Select(r => r.Count).DefaultIfEmpty(0).Max()
        );
        var known = new Dictionary<string, CellLook>(StringComparer.Ordinal);
        var looks = Enumerable.Range(0, width).Select(i => new ColumnLook(sheet.Rows, first, i, known)).ToList();
        var candidates = looks.Select((look, i) => ColumnScores.Of(Heading(i), look)).ToList();
        var best = new ColumnSearch(candidates, looks.ConvertAll(l => l is { Filled: > 1, Distinct: > 0.95 })).Best();
        return new(
            headings.Row,
            [
                .. best.Select(
                    (b, i) =>
                        new ListColumn(i, Heading(i), b.Meaning, b.Clear && IsSaid(Heading(i), looks[i], b.Meaning))
                        {
                            Candidates = candidates[i],
                            IsFilled = looks[i].Filled > 0,
                        }
                ),
            ]
        );

        string Heading(int column) => column < headings.Texts.Count ? headings.Texts[column].Trim() : "";
    }

    /// <summary>A heading that only looks like one wants cells that say it too.</summary>
    private static bool IsSaid(string heading, ColumnLook look, ColumnMeaning meaning) =>
        meaning is ColumnMeaning.Note or ColumnMeaning.Remark
        || Headings.Guess(heading).Any(g => g.Meaning == meaning && g.Language is not null)
        || ColumnScores.CellsSay(meaning, look);

    private static (int Row, IReadOnlyList<string> Texts) FindHeadings(Sheet sheet)
    {
        (int Row, IReadOnlyList<string> Texts, double Score)? best = null;
        for (var row = 0; row < Math.Min(sheet.Rows.Count, RowsLookedThrough); row++)
        {
            Try(row, sheet.Rows[row], 0);
            if (OverTwo(sheet, row) is { } two)
            {
                // Two rows of headings must say more than the lower one alone.
                Try(row, two, 0.5);
            }
        }

        return best is { } found ? (found.Row, found.Texts)
            : sheet.Rows.FirstOrDefault(r => r.Count > 1) is { } wide && !LooksLikeData(sheet, wide)
                ? (sheet.Rows.TakeWhile(r => r != wide).Count(), wide)
            : (-1, []);

        void Try(int row, IReadOnlyList<string> texts, double handicap)
        {
            // Slips are forgiven where one heading at least is none, and no cell is a number or a place.
            var forgiving =
                texts.Any(t => Headings.Guess(t, forgiving: false).Count > 0)
                && !texts.Any(t => WireWords.BareNumber().IsMatch(t) || t.Contains(':', StringComparison.Ordinal));
            var known = texts
                .Select(t => Headings.Guess(t, forgiving).FirstOrDefault())
                .Where(g => g.Score >= KnownHeading)
                .ToList();
            var score = known.Sum(g => g.Score) - handicap;
            if (
                known.Count(g => g.Meaning != ColumnMeaning.Remark) >= LeastHeadings
                && known.Count * 3 >= texts.Count(t => t.Length > 0)
                && score > (best?.Score ?? 0)
            )
            {
                best = (row, texts, score);
            }
        }
    }

    /// <summary>Headings over two rows, joined: what stands over several columns holds for each of them.</summary>
    private static IReadOnlyList<string>? OverTwo(Sheet sheet, int row)
    {
        if (row == 0 || sheet.Rows[row].Count < 2 || sheet.Rows[row - 1].Count(c => !string.IsNullOrWhiteSpace(c)) < 2)
        {
            return null;
        }

        var (upper, lower) = (sheet.Rows[row - 1], sheet.Rows[row]);
        var joined = new string[Math.Max(upper.Count, lower.Count)];
        var above = "";
        for (var i = 0; i < joined.Length; i++)
        {
            var over = Sheet.Cell(upper, i);
            var under = Sheet.Cell(lower, i);
            above = over.Length > 0 ? over : above;
            joined[i] =
                over.Length == 0 && under.Length == 0
                    ? ""
                    : $"{(over.Length > 0 || IsPartOf(above, under) ? above : "")} {under}".Trim();
        }

        return joined;
    }

    /// <summary>Only a side stands over several columns: "From" over "Device" and "Terminal".</summary>
    private static bool IsPartOf(string above, string under) =>
        under.Length > 0
        && above.Length > 0
        && Headings
            .Guess($"{above} {under}")
            .Any(g => g.Score >= Headings.Exact - 0.5 && g.Meaning != ColumnMeaning.Remark);

    /// <summary>A first row that looks like the rows below it is no row of headings.</summary>
    private static bool LooksLikeData(Sheet sheet, IReadOnlyList<string> first)
    {
        var below = sheet.Rows.Where(r => r.Count > 1 && r != first).Take(RowsWithout).ToList();
        if (below.Count == 0)
        {
            return true;
        }

        const CellLook Telling =
            CellLook.Place
            | CellLook.Size
            | CellLook.BareSize
            | CellLook.MetricSize
            | CellLook.Colour
            | CellLook.Length
            | CellLook.Whole
            | CellLook.Conductor;
        for (var i = 0; i < first.Count; i++)
        {
            var look = first[i].Trim() is { Length: > 0 } cell ? CellLooks.Of(cell) & Telling : CellLook.None;
            if (
                look != CellLook.None
                && below.Count(r =>
                    Sheet.Cell(r, i) is { Length: > 0 } other && (CellLooks.Of(other) & look) != CellLook.None
                ) * 2
                    >= below.Count
            )
            {
                return true;
            }
        }

        return false;
    }
}
