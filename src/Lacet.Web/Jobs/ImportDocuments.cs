using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Web.Http;
using Lacet.Workshop.Lists;

namespace Lacet.Web.Jobs;

/// <summary>An import before anything is stored.</summary>
/// <param name="Id">By which it is asked for, changed, accepted, cancelled.</param>
/// <param name="State">How far it is.</param>
/// <param name="RowsRead">How many rows were read.</param>
/// <param name="Refusal">Why it cannot be read, in a sentence.</param>
/// <param name="Preview">What it would do; null until it is ready.</param>
public sealed record ImportDocument(Guid Id, ImportState State, int RowsRead, string? Refusal, ListPreview? Preview)
{
    /// <summary>An import, with a page of what it would do.</summary>
    internal static ImportDocument Of(PendingImport pending, int offset, int limit) =>
        new(
            pending.Id,
            pending.State,
            pending.RowsRead,
            pending.Refusal,
            pending.State is ImportState.Ready or ImportState.Accepted && pending.Read is { } read
                ? PreviewOf(pending, read, offset, limit)
                : null
        );

    private static ListPreview PreviewOf(PendingImport pending, ListReading read, int offset, int limit)
    {
        int Count(RowDoes does) => read.Plan.Count(does);
        // What is wrong comes first: it is what a person looks for.
        var rows = read.Plan.Effects.OrderBy(e => e.Does == RowDoes.Wrong ? 0 : 1).ToList();
        var width = read.Sheet.Rows.Take(read.Columns.HeadingRow + 20).Select(r => r.Count).DefaultIfEmpty(0).Max();
        return new(
            read.Sheet.Name,
            [.. pending.Sheets.Select(s => s.Name)],
            pending.Text is { } text ? new(text.Encoding, text.Proof, text.Sure, TextEncoding.All) : null,
            read.Columns.HeadingRow + 1,
            read.Columns.Columns,
            read.Layout,
            read.Doubts,
            read.List.Gaps,
            [
                .. Enumerable
                    .Range(0, width)
                    .Select(c =>
                        (IReadOnlyList<string>)
                            [
                                .. read
                                    .Sheet.Rows.Skip(read.Columns.HeadingRow + 1)
                                    .Select(r => c < r.Count ? r[c] : "")
                                    .Where(t => t.Length > 0)
                                    .Take(3),
                            ]
                    ),
            ],
            read.List.Questions,
            [.. read.Sheet.Notices, .. read.List.Notices],
            [.. rows.Skip(offset).Take(limit).Select(Row)],
            offset + limit < rows.Count ? offset + limit : null,
            Count(RowDoes.Add),
            Count(RowDoes.Change),
            Count(RowDoes.Nothing),
            Count(RowDoes.Wrong),
            read.Plan.Bridges,
            read.Plan.Cables,
            [.. read.Plan.Removed.Select(w => w.Name)],
            read.Plan.RemovedBridges.Count,
            pending.Settings
        );
    }

    private static PreviewRow Row(RowEffect effect)
    {
        var wire = effect.Row.Wire;
        return new(
            effect.Row.Row,
            effect.Does,
            wire?.Name ?? effect.Row.Cells.GetValueOrDefault(ColumnMeaning.Wire),
            (wire?.From ?? effect.Row.Bridge?.Ends[0])?.Place(),
            (wire?.To ?? effect.Row.Bridge?.Ends[^1])?.Place(),
            wire?.Conductor?.ToString() ?? effect.Row.Bridge?.Says,
            wire?.Colour?.ToString(),
            wire?.Function?.Say().Word.InWords(ReaderWords.Region),
            wire?.Circuit is { } circuit
                ? wire.BreakerAmps is { } amps
                    ? FormattableString.Invariant($"{circuit}, {amps} A")
                    : circuit
                : null,
            wire?.Length is { } length ? FormattableString.Invariant($"{length.Millimetres / 1000:0.###} m") : null,
            effect.Changes,
            effect.Problems,
            effect.Does == RowDoes.Wrong ? [.. effect.Row.Cells.Select(c => new WrittenCell(c.Key, c.Value))] : []
        );
    }
}

/// <summary>What a wire list would do.</summary>
/// <param name="Sheet">The sheet that is read.</param>
/// <param name="Sheets">All sheets that hold anything.</param>
/// <param name="Written">How the file's text is written; null for a workbook and for what was pasted.</param>
/// <param name="HeadingRow">The row of headings, from 1; 0 where none was found.</param>
/// <param name="Columns">What the columns hold.</param>
/// <param name="Layout">The layout that it was read by; null where its headings are new.</param>
/// <param name="Doubts">Columns that could hold something else, each way as sentences.</param>
/// <param name="Gaps">What the list does not say, and what of it is not read.</param>
/// <param name="Samples">The first cells of each column, so that a person can tell.</param>
/// <param name="Questions">What is doubtful.</param>
/// <param name="Notices">What was left out or filled in.</param>
/// <param name="Rows">The rows of this page.</param>
/// <param name="Next">From where to go on; null at the end.</param>
/// <param name="Added">Wires that are new.</param>
/// <param name="Changed">Wires that change.</param>
/// <param name="Same">Wires that are there as they are.</param>
/// <param name="Wrong">Rows that are wrong.</param>
/// <param name="Bridges">Bridges that are new, or longer than they were.</param>
/// <param name="Cables">Cables that are new.</param>
/// <param name="Removed">Wires that would be taken out, by name.</param>
/// <param name="RemovedBridges">How many bridges would be taken out.</param>
/// <param name="Settings">What was said of the list as a whole.</param>
public sealed record ListPreview(
    string Sheet,
    IReadOnlyList<string> Sheets,
    WrittenText? Written,
    int HeadingRow,
    IReadOnlyList<ListColumn> Columns,
    ListLayout? Layout,
    IReadOnlyList<ColumnDoubt> Doubts,
    ListGaps Gaps,
    IReadOnlyList<IReadOnlyList<string>> Samples,
    IReadOnlyList<ImportQuestion> Questions,
    IReadOnlyList<string> Notices,
    IReadOnlyList<PreviewRow> Rows,
    int? Next,
    int Added,
    int Changed,
    int Same,
    int Wrong,
    int Bridges,
    int Cables,
    IReadOnlyList<string> Removed,
    int RemovedBridges,
    ImportSettings Settings
);

/// <summary>How a file's text is written.</summary>
/// <param name="Encoding">What it is taken for.</param>
/// <param name="Proof">Words that show whether that is right.</param>
/// <param name="Sure">Whether it cannot be otherwise.</param>
/// <param name="Choices">What it can be changed to.</param>
public sealed record WrittenText(
    TextEncoding Encoding,
    IReadOnlyList<string> Proof,
    bool Sure,
    IReadOnlyList<TextEncoding> Choices
);

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
    IReadOnlyList<WrittenCell> Cells
);

/// <summary>A cell as it is written.</summary>
public sealed record WrittenCell(ColumnMeaning Column, string Text);

/// <summary>Text that was pasted from a spreadsheet.</summary>
/// <param name="Text">The cells, parted by tabs, commas or semicolons.</param>
/// <param name="JobId">The job that it goes into; null for a new one.</param>
public sealed record PastedList(string Text, Guid? JobId = null);
