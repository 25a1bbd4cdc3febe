using System.Text.Json;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop.Lists;

/// <summary>
/// How shops keep their lists: what an accepted import was read as is remembered by its headings, and the next list with
/// the same headings asks nothing.
/// </summary>
public sealed class ListLayouts(ListLayoutsTable table)
{
    /// <summary>Said where a layout is not known.</summary>
    public const string NoSuchLayout = "There is no such layout: it may have been deleted.";

    private const int MostColumns = ImportLimits.Columns;
    private const int LongestName = 200;

    /// <summary>All of them, the last used first.</summary>
    public async Task<IReadOnlyList<ListLayout>> AllAsync() => [.. (await table.AllAsync()).Select(Read)];

    /// <summary>The layout of a sheet's headings; null where none is known, or where the sheet has no headings.</summary>
    internal async Task<ListLayout?> FindAsync(SheetColumns columns) =>
        KeyOf([.. columns.Columns.Select(c => c.Heading)]) is { } key && await table.FindAsync(key) is { } row
            ? Read(row)
            : null;

    /// <summary>Remembers how a list was read. One without headings has nothing to be known by.</summary>
    internal async Task RememberAsync(ListReading read, string name, CancellationToken cancellation)
    {
        var columns = read.Columns.Columns;
        string[] headings = [.. columns.Select(c => c.Heading)];
        if (KeyOf(headings) is { } key)
        {
            var layout = new ListLayout(
                Guid.CreateVersion7(),
                name,
                headings,
                [.. columns.Select(c => c.Meaning)],
                read.List.Questions.ToDictionary(q => q.Id, q => q.Answer, StringComparer.Ordinal)
            );
            await table.KeepAsync(Row(key, layout), cancellation);
        }
    }

    /// <summary>The form of the list that came into a job last; null where none did, or where it had no headings.</summary>
    public async Task<WireListForm?> FormOfAsync(Guid job) =>
        await table.OfJobAsync(job) is { } body ? JsonSerializer.Deserialize<WireListForm>(body, Json.Options) : null;

    /// <summary>Keeps the form in which a list came into a job, so that it goes out in the same.</summary>
    internal async Task KeepFormAsync(Guid job, ListReading read, string enclosure, CancellationToken cancellation)
    {
        if (WireListForm.Of(read.Sheet, read.Columns, read.List, enclosure) is { } form)
        {
            await table.KeepOfJobAsync(job, JsonSerializer.Serialize(form, Json.Options), cancellation);
        }
    }

    /// <summary>Takes layouts that were exported; those of headings that are known already are replaced.</summary>
    public async Task<int> TakeAsync(IReadOnlyList<ListLayout> layouts, CancellationToken cancellation)
    {
        foreach (var (layout, i) in layouts.Select((l, i) => (l, i)))
        {
            if (
                layout.Headings.Count != layout.Columns.Count
                || layout.Headings.Count is 0 or > MostColumns
                || KeyOf(layout.Headings) is null
            )
            {
                throw new ImpossibleInputException(
                    $"[{i}].columns",
                    "A layout says of each heading what its column holds, and has two headings at least."
                );
            }

            _ = Named(layout.Name, $"[{i}].name");
        }

        foreach (var layout in layouts)
        {
            await table.KeepAsync(Row(KeyOf(layout.Headings)!, layout), cancellation);
        }

        return layouts.Count;
    }

    /// <summary>Names one.</summary>
    public async Task<Outcome<Guid>> RenameAsync(Guid id, string name, CancellationToken cancellation) =>
        await table.RenameAsync(id, Named(name, "name"), cancellation)
            ? new Outcome<Guid>.Done(id)
            : new Outcome<Guid>.Missing(NoSuchLayout);

    /// <summary>Forgets one.</summary>
    public async Task<Outcome<Guid>> DeleteAsync(Guid id, CancellationToken cancellation) =>
        await table.DeleteAsync(id, cancellation)
            ? new Outcome<Guid>.Done(id)
            : new Outcome<Guid>.Missing(NoSuchLayout);

    private static string Named(string name, string field) =>
        name.Trim() is { Length: > 0 and <= LongestName } named
            ? named
            : throw new ImpossibleInputException(field, $"A layout’s name has 1 to {LongestName} characters.");

    /// <summary>Headings as one text, however they are set; null where fewer than two are filled.</summary>
    private static string? KeyOf(IReadOnlyList<string> headings) =>
        headings.Count(h => !string.IsNullOrWhiteSpace(h)) >= 2
            ? string.Join('\n', headings.Select(h => h.Trim().ToUpperInvariant()))
            : null;

    private static ListLayoutRow Row(string key, ListLayout layout) =>
        new(key, layout.Id, layout.Name, JsonSerializer.Serialize(layout, Json.Options));

    private static ListLayout Read(ListLayoutRow row) =>
        JsonSerializer.Deserialize<ListLayout>(row.Body, Json.Options)! with
        {
            Id = row.Id,
            Name = row.Name,
        };
}
