using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Jobs;

/// <summary>A file that somebody sent, read step by step; nothing of it is stored.</summary>
internal sealed class PendingImport : IDisposable
{
    private readonly CancellationTokenSource _cancel = new();

    internal Guid Id { get; } = Guid.CreateVersion7();

    internal ImportState State { get; set; } = ImportState.Reading;

    internal int RowsRead { get; set; }

    internal string? Refusal { get; set; }

    internal IReadOnlyList<Sheet> Sheets { get; set; } = [];

    internal ImportSettings Settings { get; set; } = new();

    internal DateTimeOffset TouchedAt { get; set; }

    internal Reading? Read { get; set; }

    internal Task Work { get; set; } = Task.CompletedTask;

    internal CancellationToken Cancellation => _cancel.Token;

    internal SemaphoreSlim Gate { get; } = new(1, 1);

    /// <summary>Held while it is accepted.</summary>
    internal SemaphoreSlim Accepting { get; } = new(1, 1);

    internal void Cancel()
    {
        State = ImportState.Cancelled;
        _cancel.Cancel();
    }

    public void Dispose()
    {
        _cancel.Dispose();
        Gate.Dispose();
        Accepting.Dispose();
    }

    /// <summary>A sheet, read as a list.</summary>
    internal sealed record Reading(Sheet Sheet, int HeadingRow, IReadOnlyList<ListColumn> Columns, WireList List, ListPlan Plan, long JobSequence);

    internal ImportDocument Document(int offset, int limit) => new(
        Id, State, RowsRead, Refusal, State is ImportState.Ready or ImportState.Accepted && Read is { } read ? Preview(read, offset, limit) : null);

    private ListPreview Preview(Reading read, int offset, int limit)
    {
        int Count(RowDoes does) => read.Plan.Effects.Count(e => e.Does == does);
        // What is wrong comes first: it is what a person looks for.
        var rows = read.Plan.Effects.OrderBy(e => e.Does == RowDoes.Wrong ? 0 : 1).ToList();
        var width = read.Sheet.Rows.Take(read.HeadingRow + 20).Select(r => r.Count).DefaultIfEmpty(0).Max();
        return new(
            read.Sheet.Name,
            [.. Sheets.Select(s => s.Name)],
            read.HeadingRow + 1,
            read.Columns,
            [.. Enumerable.Range(0, width).Select(c => (IReadOnlyList<string>)[.. read.Sheet.Rows.Skip(read.HeadingRow + 1).Select(r => c < r.Count ? r[c] : "").Where(t => t.Length > 0).Take(3)])],
            read.List.Questions,
            read.List.Notices,
            [.. rows.Skip(offset).Take(limit).Select(Row)],
            offset + limit < rows.Count ? offset + limit : null,
            Count(RowDoes.Add),
            Count(RowDoes.Change),
            Count(RowDoes.Nothing),
            Count(RowDoes.Wrong),
            [.. read.Plan.Removed.Select(w => w.Name)],
            Settings);
    }

    private static PreviewRow Row(RowEffect effect)
    {
        var wire = effect.Row.Wire;
        return new(
            effect.Row.Row,
            effect.Does,
            wire?.Name ?? effect.Row.Cells.GetValueOrDefault(ColumnMeaning.Wire),
            Place(wire?.From),
            Place(wire?.To),
            wire?.Conductor?.Read().ToString(),
            wire?.Colour,
            wire?.Function?.Say(),
            wire?.Circuit is { } circuit ? wire.BreakerAmps is { } amps ? FormattableString.Invariant($"{circuit}, {amps} A") : circuit : null,
            wire?.LengthMm is { } mm ? FormattableString.Invariant($"{mm / 1000:0.###} m") : null,
            effect.Changes,
            effect.Problems,
            effect.Does == RowDoes.Wrong ? [.. effect.Row.Cells.Select(c => new WrittenCell(c.Key, c.Value))] : []);
    }

    private static string? Place(ListedEnd? end) => end is null ? null : end.Enclosure is { } enclosure ? $"{enclosure}/{end.Name}" : end.Name;
}
