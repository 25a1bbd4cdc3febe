using System.Globalization;

namespace Lacet.Exchange.Import;

/// <summary>Sheets of a workbook that have the same headings: a list that was kept on several, or its revisions.</summary>
public static class SheetsAlike
{
    /// <summary>The question whether one of them is read, or all.</summary>
    public const string Question = "sheets";

    /// <summary>Answer: all of them, one after the other.</summary>
    public const string All = "all";

    /// <summary>The sheets with the headings of one, itself first.</summary>
    public static IReadOnlyList<(Sheet Sheet, int HeadingRow)> Of(
        IReadOnlyList<Sheet> sheets,
        Sheet one,
        SheetColumns columns
    ) =>
        columns.HeadingRow < 0
            ? [(one, -1)]
            :
            [
                (one, columns.HeadingRow),
                .. sheets
                    .Where(s => !ReferenceEquals(s, one))
                    .Select(s => (Sheet: s, Columns: SheetColumns.Find(s)))
                    .Where(s => s.Columns.HeadingRow >= 0 && HaveSameHeadings(s.Columns, columns))
                    .Select(s => (s.Sheet, s.Columns.HeadingRow)),
            ];

    /// <summary>What to ask of several; <paramref name="answer"/> is what was answered before.</summary>
    public static ImportQuestion Ask(IReadOnlyList<(Sheet Sheet, int HeadingRow)> alike, string? answer) =>
        new(
            Question,
            $"{alike.Count} sheets have these headings: {string.Join(", ", alike.Select(s => s.Sheet.Name))}. Which are read?",
            [new("one", $"only {alike[0].Sheet.Name}"), new(All, "all, one after the other")],
            answer ?? "one",
            alike.Skip(1).Sum(s => s.Sheet.Rows.Count - s.HeadingRow - 1)
        );

    /// <summary>All of them as one sheet, the headings of the first above; a notice says which rows are whose.</summary>
    public static Sheet Together(IReadOnlyList<(Sheet Sheet, int HeadingRow)> alike)
    {
        var rows = new List<IReadOnlyList<string>>(alike[0].Sheet.Rows);
        var parts = new List<string> { Part(alike[0].Sheet.Name, alike[0].HeadingRow + 2, rows.Count) };
        foreach (var (sheet, headingRow) in alike.Skip(1))
        {
            var from = rows.Count + 1;
            rows.AddRange(sheet.Rows.Skip(headingRow + 1));
            parts.Add(Part(sheet.Name, from, rows.Count));
        }

        return alike[0].Sheet with
        {
            Rows = rows,
            Notices = [.. alike.SelectMany(s => s.Sheet.Notices), $"Rows are counted on: {string.Join(", ", parts)}."],
        };
    }

    private static string Part(string name, int from, int to) =>
        string.Create(CultureInfo.InvariantCulture, $"{from} to {to} of {name}");

    private static bool HaveSameHeadings(SheetColumns one, SheetColumns other) =>
        one
            .Columns.Select(c => c.Heading.Trim())
            .SequenceEqual(other.Columns.Select(c => c.Heading.Trim()), StringComparer.OrdinalIgnoreCase);
}
