using System.Collections.Concurrent;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Lists;

/// <summary>
/// Imports that somebody looks at: kept in memory for a while, and gone when they are accepted, cancelled or forgotten.
/// </summary>
public sealed class PendingImports(OpenJobs open, ShelfLandings shelf, ListLayouts layouts, TimeProvider time)
{
    /// <summary>What previews may take in all, bytes; the newest is kept whatever it takes.</summary>
    internal long MostBytes { get; set; } = 256L * 1024 * 1024;

    private static readonly TimeSpan KeptFor = TimeSpan.FromHours(2);

    private readonly ConcurrentDictionary<Guid, PendingImport> _pending = new();

    /// <summary>One of them; null where it is gone.</summary>
    public PendingImport? Find(Guid id)
    {
        if (!_pending.TryGetValue(id, out var pending))
        {
            return null;
        }

        pending.TouchedAt = time.GetUtcNow();
        return pending;
    }

    /// <summary>Begins to read a file, in the background.</summary>
    public PendingImport Begin(ImportSettings settings, byte[] file) =>
        Begin(settings, file, (progress, stop) => SheetReader.Read(file, settings.Encoding, progress, stop));

    /// <summary>Begins to read text that was pasted, in the background.</summary>
    public PendingImport Begin(ImportSettings settings, string text) =>
        Begin(settings, null, (progress, stop) => new([SheetReader.ReadText(text, progress, stop)], null));

    private PendingImport Begin(
        ImportSettings settings,
        byte[]? file,
        Func<IProgress<int>, CancellationToken, SheetFile> read
    )
    {
        Forget();
        var pending = new PendingImport { Settings = settings, TouchedAt = time.GetUtcNow() };
        _pending[pending.Id] = pending;
        pending.Work = Task.Run(() => RunAsync(pending, async progress =>
            {
                pending.Keep(read(progress, pending.Cancellation), file);
                await ReadAsync(pending, progress);
            }));
        return pending;
    }

    /// <summary>Reads again, by other settings.</summary>
    public void Again(PendingImport pending, ImportSettings settings)
    {
        var isOtherText = !string.Equals(settings.Encoding, pending.Settings.Encoding, StringComparison.Ordinal);
        (pending.Settings, pending.State, pending.RowsRead, pending.Refusal) = (settings, ImportState.Reading, 0, null);
        pending.Work = Task.Run(() => RunAsync(pending, async progress =>
            {
                if (isOtherText && pending.File is { } file)
                {
                    pending.Keep(SheetReader.Read(file, settings.Encoding, progress, pending.Cancellation), file);
                }

                await ReadAsync(pending, progress);
            }));
    }

    /// <summary>Stops one and forgets it.</summary>
    public void Drop(PendingImport pending)
    {
        pending.Cancel();
        _pending.TryRemove(pending.Id, out _);
    }

    private static async Task RunAsync(PendingImport pending, Func<IProgress<int>, Task> read)
    {
        await pending.Gate.WaitAsync();
        try
        {
            await read(new Counter(pending));
            if (pending.State == ImportState.Reading)
            {
                pending.State = ImportState.Ready;
            }
        }
        catch (OperationCanceledException)
        {
            pending.State = ImportState.Cancelled;
        }
        catch (ImpossibleInputException refused)
        {
            // Whoever sees that it was refused sees why.
            (pending.Refusal, pending.State) = (refused.Message, ImportState.Refused);
        }
        catch (Exception)
        {
            // Whatever it is, it is one file's fault and is said to the person who sent it; the server goes on.
            (pending.Refusal, pending.State) = ("The file cannot be read. Nothing was stored.", ImportState.Refused);
            throw;
        }
        finally
        {
            pending.Gate.Release();
        }
    }

    private async Task ReadAsync(PendingImport pending, IProgress<int> progress)
    {
        var settings = pending.Settings;
        var (sheet, columns) = Columns(pending.Sheets, settings);
        var layout = settings.Afresh ? null : await layouts.FindAsync(columns);
        if (layout is not null && settings.Columns is null)
        {
            columns = columns.Given(layout.Columns);
        }

        // What is answered now goes before what was answered of the last list.
        var answers = new Dictionary<string, string>(
            layout?.Answers ?? new Dictionary<string, string>(StringComparer.Ordinal),
            StringComparer.Ordinal
        );
        foreach (var (question, answer) in settings.Answers ?? new Dictionary<string, string>(StringComparer.Ordinal))
        {
            answers[question] = answer;
        }

        var alike = SheetsAlike.Of(pending.Sheets, sheet, columns);
        if (alike.Count > 1 && answers.GetValueOrDefault(SheetsAlike.Question) is SheetsAlike.All)
        {
            sheet = SheetsAlike.Together(alike);
        }

        var onShelf = await shelf.ByCodeAsync();
        var corrections = (settings.Corrections ?? [])
            .GroupBy(c => (c.Row, c.Column))
            .ToDictionary(g => g.Key, g => g.Last().Text);
        var list = new WireListReader(columns.Columns, answers, onShelf).Read(
            sheet,
            columns.HeadingRow,
            corrections,
            progress,
            pending.Cancellation
        );
        if (alike.Count > 1)
        {
            var asked = SheetsAlike.Ask(alike, answers.GetValueOrDefault(SheetsAlike.Question));
            list = list with { Questions = [asked, .. list.Questions] };
        }

        if (list.Rows.Count == 0)
        {
            throw new ImpossibleInputException(
                "file",
                "No row below the headings says where a wire goes. Choose the row of headings, and what the columns hold."
            );
        }

        var plan = await PlanAsync(pending, list);
        pending.Read = new(
            sheet,
            columns,
            ColumnDoubt.Of(sheet, columns, answers, onShelf),
            list,
            plan.Plan,
            plan.Sequence,
            layout
        );
    }

    /// <summary>Plans a list against its job as it is now; a new job is empty.</summary>
    internal async Task<(ListPlan Plan, long Sequence)> PlanAsync(PendingImport pending, WireList list)
    {
        var settings = pending.Settings;
        var options = new ListPlanOptions(settings.Enclosure, settings.Drawing, settings.Revision, settings.Replaces);
        if (settings.JobId is not { } id)
        {
            return (ListPlan.Of([], list, options, Guid.CreateVersion7), 0);
        }

        var planned = await open.ReadAsync(
            id,
            job => Tuple.Create(ListPlan.Of([.. job.Parts], list, options, Guid.CreateVersion7), job.Sequence),
            pending.Cancellation
        ) ?? throw new ImpossibleInputException("jobId", "There is no such job.");
        return (planned.Item1, planned.Item2);
    }

    private static (Sheet Sheet, SheetColumns Columns) Columns(IReadOnlyList<Sheet> sheets, ImportSettings settings)
    {
        var (sheet, found) =
            settings.Sheet is { } name ? Named(sheets, name)
            : sheets.Select(s => (Sheet: s, Columns: SheetColumns.Find(s))).ToList() is var all
            && all.Find(s => s.Columns.IsWireList) is { Sheet: not null } list
                ? list
            : all[0];
        if (settings.HeadingRow is { } row && row - 1 != found.HeadingRow)
        {
            found =
                row >= 0 && row <= sheet.Rows.Count
                    ? SheetColumns.At(sheet, row - 1)
                    : throw new ImpossibleInputException("headingRow", $"The sheet has {sheet.Rows.Count} rows.");
        }

        if (settings.Columns is not { } given)
        {
            return (sheet, found);
        }

        if (
            given
                .Where(m => m is not (ColumnMeaning.Note or ColumnMeaning.Remark))
                .GroupBy(m => m)
                .FirstOrDefault(g => g.Count() > 1) is
            { } twice
        )
        {
            throw new ImpossibleInputException(
                "columns",
                $"Two columns are both said to hold the {System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(twice.Key.ToString())}. Choose one."
            );
        }

        return (sheet, found.Given(given, settings.Said));
    }

    private static (Sheet, SheetColumns) Named(IReadOnlyList<Sheet> sheets, string name) =>
        sheets.FirstOrDefault(s => string.Equals(s.Name, name, StringComparison.Ordinal)) is { } sheet
            ? (sheet, SheetColumns.Find(sheet))
            : throw new ImpossibleInputException("sheet", "There is no such sheet.");

    /// <summary>
    /// Forgets what is old, and of what is left the oldest until the rest takes no more than there is room for.
    /// </summary>
    private void Forget()
    {
        var now = time.GetUtcNow();
        var bytes = 0L;
        foreach (var pending in _pending.Values.OrderByDescending(p => p.TouchedAt).ToList())
        {
            bytes += pending.Bytes;
            if (now - pending.TouchedAt > KeptFor || bytes > MostBytes)
            {
                Drop(pending);
            }
        }
    }

    private sealed class Counter(PendingImport pending) : IProgress<int>
    {
        public void Report(int value) => pending.RowsRead = value;
    }
}
