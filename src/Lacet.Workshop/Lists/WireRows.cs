using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Store;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Shelf;

namespace Lacet.Workshop.Lists;

/// <summary>Rows that somebody types into the list: every cell is read by the rules of the import.</summary>
public sealed class WireRows(OpenJobs open, JobEditor editor, ShelfLandings shelf)
{
    private const int MostRows = 2000;

    /// <summary>Puts rows into a job, as one command.</summary>
    public async Task<Outcome<CommandDone>> ChangeAsync(
        Guid id,
        TypedWires request,
        Guid person,
        CancellationToken cancellation
    )
    {
        var onShelf = await LandingsAsync(request);
        return await editor.ChangeAsync(
            id,
            request.Id,
            person,
            job =>
            {
                var rows = request.Rows.Select((row, index) => Read(job, row, index, onShelf)).ToList();
                var seen = request
                    .Rows.Where(r => r.WireId is not null)
                    .ToDictionary(r => r.WireId!.Value, r => r.Version);
                var changes = Plan(job, request, rows)
                    .Put.Select(p => new PartChange(
                        p,
                        null,
                        seen.TryGetValue(p.Id, out var version) ? version ?? 0 : job.Version(p.Id)
                    ))
                    .ToList();
                return (Say(rows), changes);
            },
            cancellation
        );
    }

    /// <summary>What rows would make of the findings, without storing anything.</summary>
    public async Task<Outcome<Difference>> TryAsync(
        Guid id,
        TypedWires request,
        ReaderFormat reader,
        CancellationToken cancellation
    )
    {
        var onShelf = await LandingsAsync(request);
        try
        {
            return
                await open.ReadAsync(
                    id,
                    job =>
                    {
                        var plan = Plan(
                            job,
                            request,
                            [.. request.Rows.Select((row, index) => Read(job, row, index, onShelf))]
                        );
                        return Difference.Of(job, [.. plan.Put.Select(p => EntityChange.Put(p))], reader);
                    },
                    cancellation
                )
                    is { } difference
                ? new Outcome<Difference>.Done(difference)
                : new Outcome<Difference>.Missing(JobEditor.NoSuchJob);
        }
        catch (JobConflictException conflict)
        {
            return new Outcome<Difference>.Conflict(conflict.Message, MovedPart.Of(conflict));
        }
    }

    private async Task<Func<string, Exchange.Documents.LandingDocument?>> LandingsAsync(TypedWires request) =>
        request.Rows.Count is 0 or > MostRows
            ? throw new ImpossibleInputException(
                "rows",
                $"Type 1 to {MostRows} rows at once; a longer list is imported."
            )
            : await shelf.ByCodeAsync();

    private static ListPlan Plan(JobSession job, TypedWires request, List<TypedRow> rows) =>
        ListPlan.Typed([.. job.Parts], rows, new ListPlanOptions(request.Enclosure), Guid.CreateVersion7);

    /// <summary>A wire in one line, in an enclosure.</summary>
    public async Task<Outcome<CommandDone>> AddLineAsync(
        Guid id,
        TypedLine request,
        Guid person,
        CancellationToken cancellation
    )
    {
        if (request.Line.Length > ImportLimits.Cell)
        {
            throw new ImpossibleInputException("line", $"A line has at most {ImportLimits.Cell} characters.");
        }

        var places = await open.ReadAsync(
            id,
            job =>
                job.Job.Landings.Values.SelectMany(l =>
                        new[] { l.Name, $"{job.Job.Enclosures[l.EnclosureId].Name}/{l.Name}" }
                    )
                    .ToHashSet(StringComparer.OrdinalIgnoreCase),
            cancellation
        );
        if (places is null)
        {
            return new Outcome<CommandDone>.Missing(JobEditor.NoSuchJob);
        }

        var cells = WireLine.Read(request.Line, places.Contains);
        string? Cell(ColumnMeaning column) => cells.GetValueOrDefault(column);
        var row = new TypedWire
        {
            Name = Cell(ColumnMeaning.Wire),
            From = Cell(ColumnMeaning.From),
            To = Cell(ColumnMeaning.To),
            Size = Cell(ColumnMeaning.Size),
            Colour = Cell(ColumnMeaning.Colour),
            Function = Cell(ColumnMeaning.Function),
            Length = Cell(ColumnMeaning.Length),
        };
        return await ChangeAsync(id, new TypedWires(request.Id, [row], request.Enclosure), person, cancellation);
    }

    private static string Say(List<TypedRow> rows) =>
        rows switch
        {
            [{ Before: null, Row.Wire: { } wire }] => $"Added wire {wire.Name}.",
            [{ Before: { } before }] => $"Changed wire {before.Name}.",
            _ when rows.TrueForAll(r => r.Before is null) => $"Added {rows.Count} wires.",
            _ => $"Changed {rows.Count} wires.",
        };

    private static TypedRow Read(
        JobSession job,
        TypedWire typed,
        int index,
        Func<string, Exchange.Documents.LandingDocument?> onShelf
    )
    {
        var before = typed.WireId is not { } id
            ? null
            : job.Job.Wires.GetValueOrDefault(id) ?? throw new JobConflictException(id, null);
        var size = typed.Size;
        var type = typed.Type;
        if (before?.Conductor is { } conductor && (size is { Length: > 0 } || type is { Length: > 0 }))
        {
            // Half of a conductor is typed: the other half stays.
            size ??= conductor.Size.Name;
            type ??= ConductorSize.TryParse(size, out _, out _) ? conductor.Make : null;
        }

        (ColumnMeaning Column, string? Cell)[] cells =
        [
            (ColumnMeaning.Wire, typed.Name ?? before?.Name),
            (ColumnMeaning.From, typed.From),
            (ColumnMeaning.FromLanding, typed.FromLanding),
            (ColumnMeaning.To, typed.To),
            (ColumnMeaning.ToLanding, typed.ToLanding),
            (ColumnMeaning.Size, size),
            (ColumnMeaning.Build, type),
            (ColumnMeaning.Colour, typed.Colour),
            (ColumnMeaning.Function, typed.Function),
            (ColumnMeaning.Circuit, typed.Circuit),
            (ColumnMeaning.Length, typed.Length),
            (ColumnMeaning.Run, typed.Run),
        ];
        var written = cells.Where(c => !string.IsNullOrWhiteSpace(c.Cell)).ToList();
        Check(written, typed.Function, index);
        // A row of one cell would pass for a title: whatever is typed here is a wire.
        var row = WireListReader.ReadOne([.. written.Select(c => (c.Column, c.Cell!))], onShelf);
        if (row.Problems is [var problem, ..])
        {
            throw new ImpossibleInputException($"rows[{index}].{Field(problem.Column)}", problem.Says);
        }

        return new(
            row,
            before,
            cells.Where(c => c.Cell is not null && string.IsNullOrWhiteSpace(c.Cell)).Select(c => c.Column).ToHashSet()
        );
    }

    private static void Check(List<(ColumnMeaning Column, string? Cell)> written, string? typedFunction, int index)
    {
        if (written.Exists(c => c.Cell!.Length > ImportLimits.Cell))
        {
            throw new ImpossibleInputException($"rows[{index}]", $"A cell has at most {ImportLimits.Cell} characters.");
        }

        if (written.TrueForAll(c => c.Column != ColumnMeaning.Wire))
        {
            throw new ImpossibleInputException($"rows[{index}].name", "A wire needs a name or number.");
        }

        foreach (var (_, type) in written.Where(c => c.Column == ColumnMeaning.Build))
        {
            if (WireText.Read(type!).NotUnderstood.FirstOrDefault() is { } unknown)
            {
                throw new ImpossibleInputException($"rows[{index}].type", unknown.Says);
            }
        }

        if (typedFunction is { Length: > 0 } function && WireListReader.ReadFunction(function) is null)
        {
            throw new ImpossibleInputException(
                $"rows[{index}].function",
                "That is no function that is known: write such as line or hot, neutral, earth or ground, switched, control +, control -, low speed, high speed or signal."
            );
        }
    }

    private static string Field(ColumnMeaning? column) =>
        column switch
        {
            ColumnMeaning.Wire => "name",
            ColumnMeaning.Build => "type",
            { } known => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(known.ToString()),
            _ => "name",
        };
}
