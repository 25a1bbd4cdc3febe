namespace Lacet.Exchange.Import;

/// <summary>What a row of a list does.</summary>
/// <param name="Row">The row.</param>
/// <param name="Does">Adds, changes, nothing; or nothing because it is wrong.</param>
/// <param name="Changes">What it changes.</param>
/// <param name="Problems">What is wrong.</param>
public sealed record RowEffect(
    ListRow Row,
    RowDoes Does,
    IReadOnlyList<ListChange> Changes,
    IReadOnlyList<CellProblem> Problems
);

/// <summary>A change of one value.</summary>
/// <param name="Column">Which.</param>
/// <param name="Was">What it was.</param>
/// <param name="Is">What it is to be.</param>
public sealed record ListChange(ColumnMeaning Column, string Was, string Is);

/// <summary>What a row does.</summary>
public enum RowDoes
{
    /// <summary>Adds a wire.</summary>
    Add,

    /// <summary>Changes one.</summary>
    Change,

    /// <summary>The wire is there as it is.</summary>
    Nothing,

    /// <summary>Something is wrong with it.</summary>
    Wrong,
}
