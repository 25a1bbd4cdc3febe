namespace Lacet.Exchange.Import;

/// <summary>Cells as they were written, row by row; a row is as long as its last cell that is not empty.</summary>
/// <param name="Name">The sheet's or the file's name.</param>
/// <param name="Rows">The rows.</param>
public sealed record Sheet(string Name, IReadOnlyList<IReadOnlyList<string>> Rows)
{
    /// <summary>What a workbook hides or has made of its cells, each in a sentence.</summary>
    public IReadOnlyList<string> Notices { get; init; } = [];

    /// <summary>What stands in a column of a row, without the space around it; empty past the row's end.</summary>
    internal static string Cell(IReadOnlyList<string> row, int column) => column < row.Count ? row[column].Trim() : "";
}
