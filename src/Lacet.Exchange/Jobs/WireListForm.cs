using System.Text.RegularExpressions;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Jobs;

/// <summary>How a shop writes its wire lists, so that one goes out as it came in.</summary>
/// <param name="Headings">The headings, column by column.</param>
/// <param name="Columns">What each column holds.</param>
/// <param name="LengthUnit">The unit of lengths where their heading has none: m, ft, in, cm or mm; null for m.</param>
/// <param name="CommaIsDecimal">Whether 2.5 is written 2,5; then a semicolon parts the cells.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
public sealed partial record WireListForm(
    IReadOnlyList<string> Headings,
    IReadOnlyList<ColumnMeaning> Columns,
    string? LengthUnit = null,
    bool CommaIsDecimal = false,
    string? Enclosure = null
)
{
    /// <summary>Our own: every value has a column.</summary>
    internal static WireListForm Own { get; } =
        new(
            [
                "Wire",
                "From enclosure",
                "From",
                "To enclosure",
                "To",
                "Size",
                "Type",
                "Colour",
                "Function",
                "Circuit",
                "Breaker",
                "Length",
                "Cable no",
                "Run",
                "Ferrule",
            ],
            [
                ColumnMeaning.Wire,
                ColumnMeaning.FromEnclosure,
                ColumnMeaning.From,
                ColumnMeaning.ToEnclosure,
                ColumnMeaning.To,
                ColumnMeaning.Size,
                ColumnMeaning.Build,
                ColumnMeaning.Colour,
                ColumnMeaning.Function,
                ColumnMeaning.Circuit,
                ColumnMeaning.Breaker,
                ColumnMeaning.Length,
                ColumnMeaning.Cable,
                ColumnMeaning.Run,
                ColumnMeaning.Ferrule,
            ]
        );

    /// <summary>The columns that say what one of ours says, in whatever way.</summary>
    private static readonly Dictionary<ColumnMeaning, ColumnMeaning[]> Alike = new()
    {
        [ColumnMeaning.From] = [ColumnMeaning.FromDevice, ColumnMeaning.FromTerminal],
        // Where there is none, the enclosure stands before the place.
        [ColumnMeaning.FromEnclosure] = [ColumnMeaning.From, ColumnMeaning.FromDevice],
        [ColumnMeaning.ToEnclosure] = [ColumnMeaning.To, ColumnMeaning.ToDevice],
        [ColumnMeaning.To] = [ColumnMeaning.ToDevice, ColumnMeaning.ToTerminal],
        [ColumnMeaning.Size] = [ColumnMeaning.Conductor, ColumnMeaning.Awg, ColumnMeaning.Mm2],
        [ColumnMeaning.Build] = [ColumnMeaning.Conductor],
        // A list that keeps cords among its conduits.
        [ColumnMeaning.Cable] = [ColumnMeaning.Run],
        [ColumnMeaning.Colour] = [ColumnMeaning.Conductor],
        [ColumnMeaning.Length] =
        [
            ColumnMeaning.LengthM,
            ColumnMeaning.LengthFt,
            ColumnMeaning.LengthIn,
            ColumnMeaning.LengthCm,
            ColumnMeaning.LengthMm,
        ],
    };

    /// <summary>The form of a list that was read; null where it has no headings to go out under.</summary>
    public static WireListForm? Of(Sheet sheet, SheetColumns columns, WireList list, string enclosure) =>
        columns.Columns.All(c => string.IsNullOrWhiteSpace(c.Heading))
            ? null
            : new(
                [.. columns.Columns.Select(c => c.Heading)],
                // A column whose meaning nobody knows goes out empty.
                [.. columns.Columns.Select(c => c.Meaning)],
                list.Questions.FirstOrDefault(q =>
                    string.Equals(q.Id, Doubts.Lengths, StringComparison.Ordinal)
                )?.Answer,
                columns
                    .Columns.Where(c => HasDecimals(c.Meaning))
                    .Any(c =>
                        sheet
                            .Rows.Skip(columns.HeadingRow + 1)
                            .Any(row => CommaInNumber().IsMatch(Sheet.Cell(row, c.Index)))
                    ),
                enclosure
            );

    /// <summary>Columns in which a comma between digits is a decimal mark; elsewhere it stands between things.</summary>
    private static bool HasDecimals(ColumnMeaning column) =>
        column
            is ColumnMeaning.Size
                or ColumnMeaning.Conductor
                or ColumnMeaning.Mm2
                or ColumnMeaning.Length
                or ColumnMeaning.LengthM
                or ColumnMeaning.LengthCm
                or ColumnMeaning.LengthFt
                or ColumnMeaning.LengthIn;

    [GeneratedRegex("[0-9],[0-9]{1,2}(?![0-9])", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex CommaInNumber();

    /// <summary>Whether it has no column for the other end, so that each end has a row of its own.</summary>
    internal bool IsOfEnds =>
        !Columns.Any(c => c is ColumnMeaning.To or ColumnMeaning.ToDevice or ColumnMeaning.ToTerminal);

    /// <summary>Whether it has such a column.</summary>
    internal bool Has(ColumnMeaning column) => Columns.Contains(column);

    /// <summary>Whether it says what one of our columns says.</summary>
    internal bool Says(ColumnMeaning column) =>
        Has(column)
        || (Alike.TryGetValue(column, out var alike) && alike.Any(Has))
        || (IsOfEnds && column is ColumnMeaning.To or ColumnMeaning.ToEnclosure);

    /// <summary>
    /// The same, with our own columns behind for what it has none and <paramref name="isFilled"/>. A bridge has no number by
    /// which two rows of ends would be known as one: where there are <paramref name="bridges"/>, both ends get columns.
    /// </summary>
    internal WireListForm With(Func<ColumnMeaning, bool> isFilled, bool bridges)
    {
        var missing = Own
            .Headings.Zip(Own.Columns)
            .Where(own =>
                (own.Second == ColumnMeaning.To && bridges && IsOfEnds) || (!Says(own.Second) && isFilled(own.Second))
            )
            .ToList();
        return this with
        {
            Headings = [.. Headings, .. missing.Select(m => m.First)],
            Columns = [.. Columns, .. missing.Select(m => m.Second)],
        };
    }
}
