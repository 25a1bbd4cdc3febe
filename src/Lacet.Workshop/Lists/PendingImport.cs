using Lacet.Exchange.Import;

namespace Lacet.Workshop.Lists;

/// <summary>A file that somebody sent, read step by step; nothing of it is stored.</summary>
public sealed class PendingImport : IDisposable
{
    /// <summary>One that nobody has read yet takes its file at least.</summary>
    private const long Least = 1024 * 1024;

    /// <summary>
    /// A cell, the row’s share of what is read of it, and the wire that it becomes, beside the letters themselves.
    /// </summary>
    private const int EachCell = 120;

    private readonly CancellationTokenSource _cancel = new();

    /// <summary>By which it is asked for.</summary>
    public Guid Id { get; } = Guid.CreateVersion7();

    /// <summary>How far it is.</summary>
    public ImportState State { get; internal set; } = ImportState.Reading;

    /// <summary>How many rows were read.</summary>
    public int RowsRead { get; internal set; }

    /// <summary>Why it cannot be read, in a sentence.</summary>
    public string? Refusal { get; internal set; }

    /// <summary>What is in the file.</summary>
    public IReadOnlyList<Sheet> Sheets { get; private set; } = [];

    /// <summary>About what it takes of memory, with what is read of it and planned.</summary>
    internal long Bytes { get; private set; } = Least;

    /// <summary>What somebody said of it.</summary>
    public ImportSettings Settings { get; internal set; } = new();

    internal DateTimeOffset TouchedAt { get; set; }

    /// <summary>It as it is read; null until it is.</summary>
    public ListReading? Read { get; internal set; }

    /// <summary>Ends when it is read, or cannot be.</summary>
    public Task Work { get; internal set; } = Task.CompletedTask;

    internal CancellationToken Cancellation => _cancel.Token;

    internal SemaphoreSlim Gate { get; } = new(1, 1);

    /// <summary>Held while it is accepted.</summary>
    internal SemaphoreSlim Accepting { get; } = new(1, 1);

    /// <summary>How its text was decoded; null for a workbook and for what was pasted.</summary>
    public DecodedText? Text { get; private set; }

    /// <summary>The file itself, where it can be decoded another way.</summary>
    internal byte[]? File { get; private set; }

    internal void Keep(SheetFile read, byte[]? file)
    {
        Sheets = read.Sheets;
        // Only what it is written in is kept of the text: its cells are in the sheets.
        Text = read.Text is { } text ? text with { Text = "" } : null;
        File = read.Text is null ? null : file;
        Bytes =
            Least
            + (File?.Length ?? 0)
            + Sheets.SelectMany(s => s.Rows).SelectMany(r => r).Sum(cell => EachCell + (4L * cell.Length));
    }

    internal void Cancel()
    {
        State = ImportState.Cancelled;
        _cancel.Cancel();
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _cancel.Dispose();
        Gate.Dispose();
        Accepting.Dispose();
    }
}
