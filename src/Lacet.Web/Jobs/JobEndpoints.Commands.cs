using Lacet.Core.Jobs;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <content>Commands.</content>
internal static partial class JobEndpoints
{
    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Command(
        Guid id,
        NewCommand request,
        JobEditor editor,
        Caller caller,
        CancellationToken cancellation
    )
    {
        foreach (var change in request.Changes)
        {
            caller.Actor.Need(change.Needs);
        }

        return Answers.Of(
            await editor.ChangeAsync(
                id,
                request.Id,
                caller.Person,
                job => (CheckedSays(request.Says) ?? Say(job, request.Changes), request.Changes),
                cancellation,
                asked: request.Changes
            )
        );
    }

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

    private static async Task<Results<Ok<CommandChanges>, ProblemHttpResult>> Changed(
        Guid id,
        Guid command,
        JobsTable jobs,
        OpenJobs open,
        CancellationToken cancellation,
        int limit = 50
    )
    {
        var (rows, parts) = await jobs.ChangesOfAsync(id, command, Endpoints.CheckedLimit(limit, 200));
        if (parts == 0)
        {
            return TypedResults.Problem("This job has no such change.", statusCode: StatusCodes.Status404NotFound);
        }

        var changes = rows.Select(r => new CommandChange(r.Part, PartOf(r.Before), PartOf(r.After))).ToList();
        var drawn = await open.ReadAsync(
            id,
            job =>
                changes.ConvertAll(c => c with { WireBefore = Drawn(job, c.Before), WireAfter = Drawn(job, c.After) }),
            cancellation
        );
        return TypedResults.Ok(new CommandChanges(drawn ?? changes, parts));

        static JobPart? PartOf(string? body) => body is null ? null : PartJson.Parse(body);
    }

    private static DrawnWire? Drawn(JobSession job, JobPart? part) =>
        part is JobWire wire
            ? new(
                wire.Name,
                job.Job.PlaceOf(wire.A),
                job.Job.PlaceOf(wire.B),
                string.Join(
                    ' ',
                    new[] { wire.Conductor?.Size.Name, TypeOf(wire) }.Where(s => !string.IsNullOrEmpty(s))
                ),
                wire.Colour?.Base,
                wire.Colour?.Stripe
            )
            : null;

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Undo(
        Guid id,
        Guid command,
        UndoCommand by,
        JobEditor editor,
        JobsTable jobs,
        Caller caller,
        CancellationToken cancellation
    )
    {
        if (await jobs.FindCommandAsync(command) is { } made && made.Person != caller.Person)
        {
            caller.Actor.Need(Right.ChangeJobs);
        }

        return Answers.Of(
            await editor.UndoAsync(id, command, caller.Person, by.Id ?? Guid.CreateVersion7(), cancellation)
        );
    }

    private static string? CheckedSays(string? says) =>
        says is null || says.Trim().Length is > 0 and <= 200
            ? says?.Trim()
            : throw new ImpossibleInputException("says", "Say what it does in 1 to 200 characters, or leave it out.");

    private static string Say(JobSession job, IReadOnlyList<PartChange> changes) =>
        changes switch
        {
            [{ Put: { } put }] => $"{(job.Job.Find(put.Id) is null ? "Added" : "Changed")} {NameOf(job.Job, put)}.",
            [{ Remove: { } id }] => job.Job.Find(id) is { } part
                ? $"Deleted {NameOf(job.Job, part)}."
                : "Deleted something.",
            _ => $"Changed {changes.Count} things.",
        };

    private static string NameOf(Job job, JobPart part) =>
        part switch
        {
            JobTitle => "the job",
            Enclosure enclosure => enclosure.Name,
            Device device => device.Name,
            JobLanding landing => landing.Name,
            Circuit circuit => $"circuit {circuit.Name}",
            JobWire wire => $"wire {wire.Name}",
            JobCable cable => $"cable {cable.Name}",
            JobCord cord => $"cord {cord.Name}",
            JobPinMap map => $"pin map {map.Map.Name}",
            JobBridge bridge => bridge.Landings.All(job.Landings.ContainsKey) ? job.NameOf(bridge) : "a bridge",
            _ => "an accepted finding",
        };
}
