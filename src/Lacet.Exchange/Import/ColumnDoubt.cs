using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Import;

/// <summary>A column that could hold one thing or another: each way is shown as wires that somebody can recognise.</summary>
/// <param name="Index">The column, from 0.</param>
/// <param name="Heading">What stands above it.</param>
/// <param name="Readings">The ways, the one that holds now first.</param>
public sealed record ColumnDoubt(int Index, string Heading, IReadOnlyList<ColumnReading> Readings)
{
    private const int Ways = 2;
    private const int Examples = 3;

    /// <summary>The columns of a sheet that are in doubt.</summary>
    public static IReadOnlyList<ColumnDoubt> Of(
        Sheet sheet,
        SheetColumns columns,
        IReadOnlyDictionary<string, string> answers,
        Func<string, LandingDocument?> onShelf
    )
    {
        var some = sheet with { Rows = [.. sheet.Rows.Take(columns.HeadingRow + 1), .. Telling(sheet, columns)] };
        return
        [
            .. columns
                .Columns.Where(c => !c.Sure && c.IsFilled)
                .Select(c => new ColumnDoubt(
                    c.Index,
                    c.Heading,
                    [
                        .. c
                            .Candidates.Select(o => o.Meaning)
                            .Prepend(c.Meaning)
                            .Append(ColumnMeaning.Note)
                            .Distinct()
                            .Take(Ways)
                            .Select(m => new ColumnReading(m, Sentences(some, columns, c.Index, m, answers, onShelf))),
                    ]
                )),
        ];
    }

    /// <summary>Rows that are filled most: they tell most.</summary>
    private static IEnumerable<IReadOnlyList<string>> Telling(Sheet sheet, SheetColumns columns) =>
        sheet
            .Rows.Skip(columns.HeadingRow + 1)
            .Take(500)
            .OrderByDescending(r => r.Count(c => !string.IsNullOrWhiteSpace(c)))
            .Take(Examples);

    private static IReadOnlyList<string> Sentences(
        Sheet sheet,
        SheetColumns columns,
        int index,
        ColumnMeaning meaning,
        IReadOnlyDictionary<string, string> answers,
        Func<string, LandingDocument?> onShelf
    )
    {
        // A meaning is given once: whoever had it holds nothing then.
        var other = columns.Columns.Select(c =>
            c.Index == index ? c with { Meaning = meaning }
            : c.Meaning == meaning && meaning != ColumnMeaning.Remark ? c with { Meaning = ColumnMeaning.Note }
            : c
        );
        return
        [
            .. new WireListReader([.. other], answers, onShelf)
                .Read(sheet, columns.HeadingRow, new Dictionary<(int, ColumnMeaning), string>(), null, default)
                .Rows.Select(r => r.Wire?.Sentence() ?? r.Problems[0].Says),
        ];
    }
}

/// <summary>One way of reading a column.</summary>
/// <param name="Meaning">What it holds then.</param>
/// <param name="Says">The wires of some rows, read so.</param>
public sealed record ColumnReading(ColumnMeaning Meaning, IReadOnlyList<string> Says);
