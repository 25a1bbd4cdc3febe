using System.Collections.Concurrent;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Lists;

/// <summary>
/// Imports that somebody looks at: kept in memory for a while, and gone when they are accepted, cancelled or forgotten.
/// </summary>
public sealed class PendingImports(OpenJobs open, ShelfLandings shelf, TimeProvider time)
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

    /// <summary>Begins to read; <paramref name="sheets"/> is called in the background.</summary>
    public PendingImport Begin(
        ImportSettings settings,
        Func<IProgress<int>, CancellationToken, IReadOnlyList<Sheet>> sheets
    )
    {
        Forget();
        var pending = new PendingImport { Settings = settings, TouchedAt = time.GetUtcNow() };
        _pending[pending.Id] = pending;
        pending.Work = Task.Run(() => RunAsync(pending, async progress =>
            {
                pending.Keep(sheets(progress, pending.Cancellation));
                await ReadAsync(pending, progress);
            }));
        return pending;
    }

    /// <summary>Reads again, by other settings.</summary>
    public void Again(PendingImport pending, ImportSettings settings)
    {
        (pending.Settings, pending.State, pending.RowsRead, pending.Refusal) = (settings, ImportState.Reading, 0, null);
        pending.Work = Task.Run(() => RunAsync(pending, progress => ReadAsync(pending, progress)));
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
        var (sheet, heading, columns) = Columns(pending.Sheets, settings);
        var reader = new WireListReader(
            columns,
            settings.Answers ?? new Dictionary<string, string>(StringComparer.Ordinal),
            await shelf.ByCodeAsync()
        );
        var corrections = (settings.Corrections ?? [])
            .GroupBy(c => (c.Row, c.Column))
            .ToDictionary(g => g.Key, g => g.Last().Text);
        var list = reader.Read(sheet, heading, corrections, progress, pending.Cancellation);
        if (list.Rows.Count == 0)
        {
            throw new ImpossibleInputException(
                "file",
                "No row below the headings says where a wire goes. Choose the row of headings, and what the columns hold."
            );
        }

        var plan = await PlanAsync(pending, list);
        pending.Read = new(sheet, heading, columns, list, plan.Plan, plan.Sequence);
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

    private static (Sheet Sheet, int Heading, IReadOnlyList<ListColumn> Columns) Columns(
        IReadOnlyList<Sheet> sheets,
        ImportSettings settings
    )
    {
        var sheet = settings.Sheet is { } name
            ? sheets.FirstOrDefault(s => string.Equals(s.Name, name, StringComparison.Ordinal))
                ?? throw new ImpossibleInputException("sheet", "There is no such sheet.")
            : sheets.FirstOrDefault(s => Headings.Find(s) is not null) ?? sheets[0];
        var found = Headings.Find(sheet);
        var heading = settings.HeadingRow is { } row
            ? row >= 1 && row <= sheet.Rows.Count
                ? row - 1
                : throw new ImpossibleInputException("headingRow", $"The sheet has {sheet.Rows.Count} rows.")
            : found?.Row ?? 0;
        var recognised = found is { } f && f.Row == heading ? f.Columns : Headings.Read(sheet.Rows[heading]);
        if (settings.Columns is not { } given)
        {
            return (sheet, heading, recognised);
        }

        if (given.Where(m => m != ColumnMeaning.Note).GroupBy(m => m).FirstOrDefault(g => g.Count() > 1) is { } twice)
        {
            throw new ImpossibleInputException(
                "columns",
                $"Two columns are both said to hold the {System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(twice.Key.ToString())}. Choose one."
            );
        }

        return (
            sheet,
            heading,
            [
                .. given.Select(
                    (meaning, i) =>
                        new ListColumn(
                            i,
                            i < sheet.Rows[heading].Count ? sheet.Rows[heading][i] : "",
                            meaning,
                            Sure: true
                        )
                ),
            ]
        );
    }

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
