using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>A sheet, read as a list and planned against its job.</summary>
/// <param name="Sheet">The sheet.</param>
/// <param name="Columns">Its row of headings, and what its columns hold.</param>
/// <param name="Doubts">Columns that could hold something else, each way as sentences.</param>
/// <param name="List">What it says.</param>
/// <param name="Plan">What it does to the job.</param>
/// <param name="JobSequence">The job’s last command when that was planned.</param>
/// <param name="Layout">The layout that it was read by; null where its headings are new.</param>
public sealed record ListReading(
    Sheet Sheet,
    SheetColumns Columns,
    IReadOnlyList<ColumnDoubt> Doubts,
    WireList List,
    ListPlan Plan,
    long JobSequence,
    ListLayout? Layout = null
);
