using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Lists;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Jobs: listed, read in pages, changed by commands.</summary>
internal static class JobEndpoints
{
    /// <summary>Hundreds of parts at once.</summary>
    private const int LargestCommand = 4 * 1024 * 1024;

    internal static void MapJobs(this WebApplication app)
    {
        var jobs = app.MapGroup("/api/jobs").WithTags("Jobs");
        jobs.MapGet("", List).WithSummary("Jobs, the last changed first").ProducesInputProblems();
        jobs.MapPost("", Add)
            .WithSummary("Makes a job")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict);
        jobs.MapGet("/{id:guid}", Overview)
            .WithSummary("A job with its enclosures, devices and circuits")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapDelete("/{id:guid}", Remove)
            .WithSummary("Puts a job away; nothing of it is lost")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/{id:guid}/restore", Restore)
            .WithSummary("Takes a job out again")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/{id:guid}/wires", Wires)
            .WithSummary("Wires in their order, searched as you type")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/{id:guid}/wires", TypeWires)
            .WithSummary("Rows as somebody types or pastes them, as one command")
            .WithMetadata(new RequestSizeLimitAttribute(LargestCommand))
            .Changes();
        jobs.MapPost("/{id:guid}/wires/try", TryWires)
            .WithSummary("What rows would make of the findings; nothing is stored")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        jobs.MapPost("/{id:guid}/wires/line", AddLine)
            .WithSummary("A wire in one line, as somebody dictates it")
            .Changes();
        jobs.MapGet("/{id:guid}/landings", Landings)
            .WithSummary("Landings in their order")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/{id:guid}/wires/{wire:guid}/ends/{side}", End)
            .WithSummary("An end opened: recipe, section, how far it is")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/{id:guid}/commands", Command)
            .WithSummary("Changes of any parts, all or nothing")
            .WithMetadata(new RequestSizeLimitAttribute(LargestCommand))
            .Changes();
        jobs.MapGet("/{id:guid}/commands", Commands)
            .WithSummary("What was changed, newest first")
            .ProducesInputProblems();
        jobs.MapPost("/{id:guid}/commands/{command:guid}/undo", Undo)
            .WithSummary("Undoes a command, by a new one")
            .Changes();
    }

    internal static WireRow Row(JobSession job, JobWire wire) =>
        new(
            wire,
            job.Version(wire.Id),
            job.Job.PlaceOf(wire.A),
            job.Job.PlaceOf(wire.B),
            wire.Conductor?.Size.Name ?? "",
            wire.Conductor is { } conductor
                ? $"{Core.Conductors.Conductor.Say(conductor.Build)} {Core.Conductors.Conductor.Say(conductor.Material)}"
                : "",
            wire.Length is { } length ? Distance(length) : null,
            wire.CircuitId is { } circuit ? job.Job.Circuits[circuit].Name : "",
            job.Progress(new(wire, EndSide.A)),
            job.Progress(new(wire, EndSide.B)),
            Worst(
                job,
                [
                    new(CheckScope.Wire, wire.Id),
                    new(CheckScope.End, wire.Id, EndSide.A),
                    new(CheckScope.End, wire.Id, EndSide.B),
                    .. AtLanding(job, wire.A),
                    .. AtLanding(job, wire.B),
                ]
            )
        );

    private static IEnumerable<Subject> AtLanding(JobSession job, JobEnd end) =>
        end.LandingId is not { } id ? []
        : job.Job.Landings[id].DeviceId is { } device ? [new(CheckScope.Landing, id), new(CheckScope.Device, device)]
        : [new(CheckScope.Landing, id)];

    private static Severity? Worst(JobSession job, IEnumerable<Subject> subjects) =>
        subjects.SelectMany(job.Judged.About).Select(f => (Severity?)f.Finding.Severity).Min();

    /// <summary>A wire's length is told in metres and feet.</summary>
    private static Readout Distance(Length length) =>
        new(
            Math.Round(length.Millimetres, 3),
            "mm",
            FormattableString.Invariant($"{length.Millimetres / 1000:0.###} m"),
            FormattableString.Invariant($"{length.Millimetres / 304.8:0.##} ft")
        );

    private static async Task<Ok<JobPage>> List(JobsTable jobs, int offset = 0, int limit = 50)
    {
        if (offset < 0)
        {
            throw new ImpossibleInputException("offset", "A page begins at 0 or later.");
        }

        var rows = await jobs.ListAsync(offset, Endpoints.CheckedLimit(limit, 200) + 1);
        return TypedResults.Ok(
            new JobPage(
                [
                    .. rows.Take(limit)
                        .Select(r => new JobCard(
                            r.Id,
                            r.ChangedAt,
                            System.Text.Json.JsonSerializer.Deserialize<JobSummary>(r.Summary, Json.Options)!
                        )),
                ],
                rows.Count > limit ? offset + limit : null
            )
        );
    }

    private static async Task<Results<Created<JobOverview>, Ok<JobOverview>, ProblemHttpResult>> Add(
        NewJob request,
        NewJobs jobs,
        OpenJobs open,
        CancellationToken cancellation
    )
    {
        var title = new JobTitle(request.Id ?? Guid.CreateVersion7(), request.Name.Trim())
        {
            Order = 1,
            Purpose = request.Purpose,
            Rules = request.HouseRules ?? HouseRules.Default,
        };
        _ = new Job(title, []).Apply([EntityChange.Put(title)]);
        var made = await jobs.CreateAsync(
            JobDocument.Of(title, []),
            request.PersonId,
            $"Made {title.Name}.",
            cancellation
        );
        var overview = await open.ReadAsync(title.Id, OverviewOf, cancellation);
        return (made, overview) switch
        {
            (true, { } job) => TypedResults.Created($"/api/jobs/{title.Id}", job),
            (false, { } same) when string.Equals(same.Title.Name, title.Name, StringComparison.Ordinal) =>
                TypedResults.Ok(same),
            _ => Answers.Conflict(NewJobs.IdIsTaken),
        };
    }

    private static async Task<Results<Ok<JobOverview>, ProblemHttpResult>> Overview(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation
    ) => await open.ReadAsync(id, OverviewOf, cancellation) is { } job ? TypedResults.Ok(job) : Answers.NoJob();

    private static JobOverview OverviewOf(JobSession job)
    {
        IReadOnlyList<Versioned<T>> All<T>()
            where T : JobPart =>
            [
                .. job
                    .Parts.OfType<T>()
                    .OrderBy(p => p.Order)
                    .ThenBy(p => p.Id)
                    .Select(p => new Versioned<T>(p, job.Version(p.Id))),
            ];
        return new(
            job.Title,
            job.Version(job.Id),
            job.Sequence,
            JobSummary.Of(job),
            All<Enclosure>(),
            All<Device>(),
            All<Circuit>(),
            All<JobCord>(),
            All<JobPinMap>()
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        Guid id,
        JobEditor editor,
        CancellationToken cancellation
    ) => await editor.SetRemovedAsync(id, removed: true, cancellation) ? TypedResults.NoContent() : Answers.NoJob();

    private static async Task<Results<NoContent, ProblemHttpResult>> Restore(
        Guid id,
        JobEditor editor,
        CancellationToken cancellation
    ) => await editor.SetRemovedAsync(id, removed: false, cancellation) ? TypedResults.NoContent() : Answers.NoJob();

    private static async Task<Results<Ok<WirePage>, ProblemHttpResult>> Wires(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        string q = "",
        Guid? enclosure = null,
        Guid? circuit = null,
        int offset = 0,
        int limit = 200
    )
    {
        Endpoints.CheckedLimit(limit);
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    bool In(JobEnd end) =>
                        end.LandingId is { } landing && job.Job.Landings[landing].EnclosureId == enclosure;
                    var wires = job
                        .WiresInOrder.Where(w => circuit is null || w.CircuitId == circuit)
                        .Where(w => enclosure is null || In(w.A) || In(w.B))
                        .Where(w =>
                            q.Length == 0
                            || $"{w.Name} {job.Job.PlaceOf(w.A)} {job.Job.PlaceOf(w.B)} {w.Colour} {w.Conductor} {w.Function.Say()} {(w.CircuitId is { } c ? job.Job.Circuits[c].Name : "")}".Contains(
                                q.Trim(),
                                StringComparison.OrdinalIgnoreCase
                            )
                        )
                        .ToList();
                    return new WirePage(
                        [.. wires.Skip(offset).Take(limit).Select(w => Row(job, w))],
                        offset + limit < wires.Count ? offset + limit : null,
                        wires.Count
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<LandingPage>, ProblemHttpResult>> Landings(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        Guid? enclosure = null,
        string q = "",
        int offset = 0,
        int limit = 200
    )
    {
        Endpoints.CheckedLimit(limit);
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var landings = job
                        .Job.Enclosures.Values.OrderBy(e => e.Order)
                        .ThenBy(e => e.Id)
                        .Where(e => enclosure is null || e.Id == enclosure)
                        .SelectMany(e => job.Job.LandingsIn(e.Id))
                        .Where(l => q.Length == 0 || l.Name.Contains(q.Trim(), StringComparison.OrdinalIgnoreCase))
                        .ToList();
                    return new LandingPage(
                        [.. landings.Skip(offset).Take(limit).Select(l => LandingRowOf(job, l))],
                        offset + limit < landings.Count ? offset + limit : null,
                        landings.Count
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static LandingRow LandingRowOf(JobSession job, JobLanding landing) =>
        new(
            landing,
            job.Version(landing.Id),
            landing.Describe(),
            [.. job.Job.EndsAt(landing.Id).Select(e => e.Wire.Name)],
            Worst(
                job,
                [
                    new(CheckScope.Landing, landing.Id),
                    .. job.Job.EndsAt(landing.Id).Select(e => new Subject(CheckScope.End, e.Wire.Id, e.Side)),
                ]
            )
        );

    private static async Task<Results<Ok<EndOpened>, ProblemHttpResult>> End(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var (which, unitLead) = (side.Value, lead.Unit());
        return
            await open.ReadAsync(
                id,
                job =>
                    job.Job.Wires.TryGetValue(wire, out var found) && !found.Retired
                        ? Open(job, new(found, which), unitLead)
                        : null,
                cancellation
            )
                is { } end
            ? TypedResults.Ok(end)
            : Answers.NoJob();
    }

    private static EndOpened Open(JobSession job, EndOfWire end, UnitLead lead)
    {
        var atHand = job.Judged.Plan(end.Wire.Id, end.Side)?.AtHand;
        return new(
            Row(job, end.Wire),
            end.End.LandingId is null ? null : job.Job.PlaceOf(end.End),
            job.Progress(end),
            atHand is null ? null : RecipeDocument.Of(Core.Recipes.RecipeBook.For(atHand), lead),
            atHand is null
                ? null
                : SceneDocument.Of(Core.Drawings.EndSection.Of(atHand, end.End.Found ?? new AsMade(null, null)), lead),
            end.End.Found is { } found ? new(found.Faults, found.Strands, found.StrandsLost) : null,
            end.End.LandingId is { } at ? JobSpliceDocument.Of(job, job.Job.Landings[at], lead) : null
        );
    }

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Command(
        Guid id,
        NewCommand request,
        JobEditor editor,
        CancellationToken cancellation
    ) =>
        Answers.Of(
            await editor.ChangeAsync(
                id,
                request.Id,
                request.PersonId,
                job => (CheckedSays(request.Says) ?? Say(job, request.Changes), request.Changes),
                cancellation,
                asked: request.Changes
            )
        );

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> TypeWires(
        Guid id,
        TypedWires request,
        WireRows rows,
        CancellationToken cancellation
    ) => Answers.Of(await rows.ChangeAsync(id, request, cancellation));

    private static async Task<Results<Ok<Difference>, ProblemHttpResult>> TryWires(
        Guid id,
        TypedWires request,
        WireRows rows,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    ) => Answers.Of(await rows.TryAsync(id, request, lead.Unit(), cancellation));

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> AddLine(
        Guid id,
        TypedLine request,
        WireRows rows,
        CancellationToken cancellation
    ) => Answers.Of(await rows.AddLineAsync(id, request, cancellation));

    private static async Task<Results<Ok<CommandPage>, ProblemHttpResult>> Commands(
        Guid id,
        JobsTable jobs,
        long? before = null,
        int limit = 50
    )
    {
        if (!await jobs.ExistsAsync(id))
        {
            return Answers.NoJob();
        }

        var rows = await jobs.CommandsAsync(id, before ?? long.MaxValue, Endpoints.CheckedLimit(limit, 200));
        return TypedResults.Ok(
            new CommandPage(
                [
                    .. rows.Select(r => new CommandItem(
                        r.Id,
                        r.Sequence,
                        r.Person,
                        r.At,
                        r.Says,
                        r.Undoes,
                        r.Undone,
                        r.Parts
                    )),
                ],
                rows.Count == limit && rows[^1].Sequence > 1 ? rows[^1].Sequence : null
            )
        );
    }

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Undo(
        Guid id,
        Guid command,
        UndoCommand by,
        JobEditor editor,
        CancellationToken cancellation
    ) => Answers.Of(await editor.UndoAsync(id, command, by.PersonId, by.Id ?? Guid.CreateVersion7(), cancellation));

    private static string? CheckedSays(string? says) =>
        says is null || says.Trim().Length is > 0 and <= 200
            ? says?.Trim()
            : throw new ImpossibleInputException("says", "Say what it does in 1 to 200 characters, or leave it out.");

    private static string Say(JobSession job, IReadOnlyList<PartChange> changes) =>
        changes switch
        {
            [{ Put: { } put }] => $"{(job.Job.Find(put.Id) is null ? "Added" : "Changed")} {NameOf(put)}.",
            [{ Remove: { } id }] => job.Job.Find(id) is { } part ? $"Took out {NameOf(part)}." : "Took something out.",
            _ => $"Changed {changes.Count} things.",
        };

    private static string NameOf(JobPart part) =>
        part switch
        {
            JobTitle => "the job",
            Enclosure enclosure => enclosure.Name,
            Device device => device.Name,
            JobLanding landing => landing.Name,
            Circuit circuit => $"circuit {circuit.Name}",
            JobWire wire => $"wire {wire.Name}",
            JobCord cord => $"cord {cord.Name}",
            JobPinMap map => $"pin map {map.Map.Name}",
            _ => "an accepted finding",
        };
}
