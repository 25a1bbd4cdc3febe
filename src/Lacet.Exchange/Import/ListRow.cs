namespace Lacet.Exchange.Import;

/// <summary>A row of a list: how it was read, or what is wrong with it.</summary>
/// <param name="Row">The row, from 1 as a spreadsheet counts.</param>
/// <param name="Cells">What is written, by what its column holds.</param>
/// <param name="Wire">How it was read; null where something is wrong with it, or where it is a bridge.</param>
/// <param name="Problems">What is wrong.</param>
public sealed record ListRow(
    int Row,
    IReadOnlyDictionary<ColumnMeaning, string> Cells,
    ListedWire? Wire,
    IReadOnlyList<CellProblem> Problems
)
{
    /// <summary>The bridge that it is instead of a wire; null where it is a wire.</summary>
    public ListedBridge? Bridge { get; init; }
}
