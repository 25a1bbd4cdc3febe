using Lacet.Exchange.Import;

namespace Lacet.Web.Jobs;

/// <summary>How far an import is.</summary>
public enum ImportState
{
    /// <summary>It is being read.</summary>
    Reading,

    /// <summary>It was read, and waits to be accepted.</summary>
    Ready,

    /// <summary>It cannot be read.</summary>
    Refused,

    /// <summary>Somebody stopped it.</summary>
    Cancelled,

    /// <summary>It is in the job.</summary>
    Accepted,
}

/// <summary>An import before anything is stored.</summary>
/// <param name="Id">By which it is asked for, changed, accepted, cancelled.</param>
/// <param name="State">How far it is.</param>
/// <param name="RowsRead">How many rows were read.</param>
/// <param name="Refusal">Why it cannot be read, in a sentence.</param>
/// <param name="Preview">What it would do; null until it is ready.</param>
public sealed record ImportDocument(Guid Id, ImportState State, int RowsRead, string? Refusal, ListPreview? Preview);

/// <summary>What a wire list would do.</summary>
/// <param name="Sheet">The sheet that is read.</param>
/// <param name="Sheets">All sheets that hold anything.</param>
/// <param name="HeadingRow">The row of headings, from 1; 0 where none was found.</param>
/// <param name="Columns">What the columns hold.</param>
/// <param name="Samples">The first cells of each column, so that a person can tell.</param>
/// <param name="Questions">What is doubtful.</param>
/// <param name="Notices">What was left out or filled in.</param>
/// <param name="Rows">The rows of this page.</param>
/// <param name="Next">From where to go on; null at the end.</param>
/// <param name="Added">Wires that are new.</param>
/// <param name="Changed">Wires that change.</param>
/// <param name="Same">Wires that are there as they are.</param>
/// <param name="Wrong">Rows that are wrong.</param>
/// <param name="Removed">Wires that would be taken out, by name.</param>
/// <param name="Settings">What was said of the list as a whole.</param>
public sealed record ListPreview(
    string Sheet,
    IReadOnlyList<string> Sheets,
    int HeadingRow,
    IReadOnlyList<ListColumn> Columns,
    IReadOnlyList<IReadOnlyList<string>> Samples,
    IReadOnlyList<ImportQuestion> Questions,
    IReadOnlyList<string> Notices,
    IReadOnlyList<PreviewRow> Rows,
    int? Next,
    int Added,
    int Changed,
    int Same,
    int Wrong,
    IReadOnlyList<string> Removed,
    ImportSettings Settings);

/// <summary>A row of the preview.</summary>
/// <param name="Row">The row, from 1 as a spreadsheet counts.</param>
/// <param name="Does">What it does.</param>
/// <param name="Wire">The wire's name.</param>
/// <param name="From">Where end A lands, as it was read.</param>
/// <param name="To">Where end B lands, as it was read.</param>
/// <param name="Conductor">The conductor, as it was read.</param>
/// <param name="Colour">The colour, as it was read.</param>
/// <param name="Function">The function, as it was read.</param>
/// <param name="Circuit">The circuit, as it was read.</param>
/// <param name="Length">The length, as it was read.</param>
/// <param name="Changes">What it changes.</param>
/// <param name="Problems">What is wrong, by column.</param>
/// <param name="Cells">What is written, where something is wrong.</param>
public sealed record PreviewRow(
    int Row,
    RowDoes Does,
    string? Wire,
    string? From,
    string? To,
    string? Conductor,
    string? Colour,
    string? Function,
    string? Circuit,
    string? Length,
    IReadOnlyList<ListChange> Changes,
    IReadOnlyList<CellProblem> Problems,
    IReadOnlyList<WrittenCell> Cells);

/// <summary>A cell as it is written.</summary>
public sealed record WrittenCell(ColumnMeaning Column, string Text);

/// <summary>What somebody says of a list.</summary>
/// <param name="JobId">The job that it goes into; null for a new one.</param>
/// <param name="Sheet">Which sheet; null for the first that looks like a wire list.</param>
/// <param name="HeadingRow">The row of headings, from 1; null to find it.</param>
/// <param name="Columns">What each column holds, in order; null to recognise them.</param>
/// <param name="Answers">Answers to questions, by id.</param>
/// <param name="Corrections">Cells that were put right.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
/// <param name="Drawing">The drawing that the list was made from.</param>
/// <param name="Revision">That drawing's revision.</param>
/// <param name="Replaces">Whether wires of the list's enclosures that are not in it are taken out.</param>
public sealed record ImportSettings(
    Guid? JobId = null,
    string? Sheet = null,
    int? HeadingRow = null,
    IReadOnlyList<ColumnMeaning>? Columns = null,
    IReadOnlyDictionary<string, string>? Answers = null,
    IReadOnlyList<CellCorrection>? Corrections = null,
    string Enclosure = "Panel",
    string? Drawing = null,
    string? Revision = null,
    bool Replaces = false);

/// <summary>A cell that was put right.</summary>
public sealed record CellCorrection(int Row, ColumnMeaning Column, string Text);

/// <summary>Text that was pasted from a spreadsheet.</summary>
/// <param name="Text">The cells, parted by tabs, commas or semicolons.</param>
/// <param name="JobId">The job that it goes into; null for a new one.</param>
public sealed record PastedList(string Text, Guid? JobId = null);

/// <summary>An import that is taken.</summary>
/// <param name="Id">Made by the client, so that sending twice imports once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="JobName">The new job's name; null where it goes into one that is there.</param>
/// <param name="HouseRules">The new job's house rules.</param>
/// <param name="OnlyGood">Whether rows that are wrong may be left out.</param>
public sealed record AcceptImport(
    Guid Id, Guid PersonId, string? JobName = null, Exchange.Documents.HouseRulesDocument? HouseRules = null, bool OnlyGood = false);

/// <summary>What an import did.</summary>
/// <param name="JobId">The job.</param>
/// <param name="CommandId">By which it is undone.</param>
/// <param name="Added">Wires that are new.</param>
/// <param name="Changed">Wires that were changed.</param>
/// <param name="Removed">Wires that were taken out.</param>
/// <param name="LeftOut">Rows that were wrong.</param>
public sealed record ImportAccepted(Guid JobId, Guid CommandId, int Added, int Changed, int Removed, int LeftOut);
