using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>A sheet, read as a list and planned against its job.</summary>
/// <param name="Sheet">The sheet.</param>
/// <param name="HeadingRow">The row of headings, from 0.</param>
/// <param name="Columns">What its columns hold.</param>
/// <param name="List">What it says.</param>
/// <param name="Plan">What it does to the job.</param>
/// <param name="JobSequence">The job’s last command when that was planned.</param>
public sealed record ListReading(
    Sheet Sheet,
    int HeadingRow,
    IReadOnlyList<ListColumn> Columns,
    WireList List,
    ListPlan Plan,
    long JobSequence
);
