namespace Lacet.Exchange.Import;

/// <summary>
/// What a list does not say, or what of it is not read: counted before anything is accepted, so that nothing is lost in
/// silence.
/// </summary>
/// <param name="WithoutFrom">Wires whose end A lands nowhere.</param>
/// <param name="WithoutTo">Wires whose end B lands nowhere.</param>
/// <param name="WithoutSize">Wires whose size is not said.</param>
/// <param name="NotRead">Headings of columns that are filled and not read, remarks aside.</param>
/// <param name="RowsLeftOut">Rows that were taken for no wire.</param>
public sealed record ListGaps(
    int WithoutFrom,
    int WithoutTo,
    int WithoutSize,
    IReadOnlyList<string> NotRead,
    int RowsLeftOut
)
{
    internal static ListGaps Of(IReadOnlyList<ListRow> rows, IReadOnlyList<ListColumn> columns, int leftOut)
    {
        var wires = rows.Where(r => r.Wire is not null).Select(r => r.Wire!).ToList();
        return new(
            wires.Count(w => w.From is null),
            wires.Count(w => w.To is null),
            wires.Count(w => w.Conductor is null),
            [
                .. columns
                    .Where(c => c.Meaning == ColumnMeaning.Note && c.IsFilled)
                    .Select(c => c.Heading.Length > 0 ? c.Heading : $"column {c.Index + 1}"),
            ],
            leftOut
        );
    }
}
