using System.Data.Common;
using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Devices;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>Changes jobs, each with its gate held, all or nothing, once. No job is changed but through here.</summary>
public sealed partial class JobEditor(
    OpenJobs open,
    JobsTable jobs,
    PeopleTable people,
    ChangeResolver resolver,
    Feed<JobChanged> feed
)
{
    /// <summary>What is said where there is no such job.</summary>
    public const string NoSuchJob = "There is no such job.";

    /// <summary>
    /// Changes a job. <paramref name="plan"/> is asked with the gate held, so what it reads is what is changed. A
    /// command that was stored before is answered as the first time; with other changes than <paramref name="asked"/>,
    /// or in another job, its id is taken.
    /// </summary>
    public async Task<Outcome<CommandDone>> ChangeAsync(
        Guid id,
        Guid command,
        Guid person,
        PlanChange plan,
        CancellationToken cancellation,
        IReadOnlyList<PartChange>? asked = null,
        CommandKind kind = CommandKind.Change
    )
    {
        try
        {
            return
                await StoreAsync(
                    new(id, command, person, plan, Kind: kind),
                    change => jobs.ApplyAsync(change, cancellation),
                    cancellation,
                    () => RepeatedAsync(id, command, asked)
                )
                    is { } done
                ? new Outcome<CommandDone>.Done(done)
                : new Outcome<CommandDone>.Missing(NoSuchJob);
        }
        catch (JobConflictException conflict)
        {
            return new Outcome<CommandDone>.Conflict(conflict.Message, MovedPart.Of(conflict));
        }
        catch (CommandIdTakenException taken)
        {
            return new Outcome<CommandDone>.Conflict(taken.Message);
        }
    }

    /// <summary>
    /// Undoes a command by a new one; sent again under the same id, it is answered as the first time.
    /// </summary>
    public async Task<Outcome<CommandDone>> UndoAsync(
        Guid id,
        Guid undone,
        Guid person,
        Guid command,
        CancellationToken cancellation
    )
    {
        var before = await jobs.FindCommandAsync(command);
        if (before is not null && (before.Job != id || before.Undoes != undone))
        {
            return new Outcome<CommandDone>.Conflict(new CommandIdTakenException(before.Says).Message);
        }

        var undo = await jobs.UndoOfAsync(id, undone);
        if (before is null && undo is null)
        {
            return new Outcome<CommandDone>.Missing("There is no such change, or it was undone already.");
        }

        // Sent again, there is nothing left to undo: it is answered by what was stored.
        var (says, edits) = undo ?? ("", []);
        if (edits.Exists(e => e.Kind is "title" && e.Body is null))
        {
            throw new ImpossibleInputException("command", "This made the job. Put the job away instead.");
        }

        var changes = edits.ConvertAll(e =>
            e.Body is { } body
                ? new PartChange(PartJson.Parse(body), null, e.Version)
                : new PartChange(null, e.Id, e.Version)
        );
        try
        {
            return
                await StoreAsync(
                    new(id, command, person, _ => ($"Undid: {says}", changes), undone),
                    change => jobs.ApplyAsync(change, cancellation),
                    cancellation,
                    () => RepeatedAsync(id, command, null)
                )
                    is { } done
                ? new Outcome<CommandDone>.Done(done)
                : new Outcome<CommandDone>.Missing(NoSuchJob);
        }
        catch (JobConflictException)
        {
            return new Outcome<CommandDone>.Conflict(
                "Something of it was changed again since, so it cannot be undone. Nothing was changed."
            );
        }
    }

    /// <summary>
    /// Changes a job, kept by <paramref name="store"/>, which may keep something else with it in one transaction; null
    /// where there is no such job. The store gives null where nothing was stored: then the job is as it was. What it
    /// keeps tells it whether it was sent before, unless <paramref name="repeated"/> does. Throws
    /// <see cref="JobConflictException"/> where a part has moved on.
    /// </summary>
    internal async Task<CommandDone?> StoreAsync(
        PlannedCommand planned,
        Func<JobChange, Task<AppliedChange?>> store,
        CancellationToken cancellation,
        Func<Task<StoredCommand?>>? repeated = null
    )
    {
        var who = await people.KnownAsync(planned.Person);
        if (await open.HoldAsync(planned.Job, cancellation) is not { } job)
        {
            return null;
        }

        try
        {
            if (repeated is not null && await repeated() is { } before)
            {
                return CommandDone.Of(
                    job,
                    planned.Id,
                    before.Says,
                    [.. before.Edits.Select(e => new PartVersion(e.Part, job.Version(e.Part)))]
                );
            }

            var (says, changes) = planned.Plan(job);
            if (changes.Count == 0)
            {
                throw new ImpossibleInputException("changes", "That changes nothing.");
            }

            var resolved = await resolver.ResolveAsync(job, changes);
            return await ApplyAsync(job, planned, says, who, resolved, store);
        }
        finally
        {
            job.Gate.Release();
        }
    }

    private async Task<CommandDone> ApplyAsync(
        JobSession job,
        PlannedCommand planned,
        string says,
        PersonRow who,
        IReadOnlyList<ResolvedChange> resolved,
        Func<JobChange, Task<AppliedChange?>> store
    )
    {
        var (undo, judged) = job.Judged.Apply([.. resolved.Select(r => r.Change)]);
        JobPart[] reached = [.. undo.Concat(resolved.Select(r => r.Change)).Select(c => c.After).OfType<JobPart>()];
        job.MarkChanged(reached, judged);
        AppliedChange? applied;
        try
        {
            var summary = JobSummary.Of(job);
            applied = await store(
                new(
                    new JobCommand(
                        planned.Id,
                        planned.Job,
                        planned.Person,
                        says,
                        [.. resolved.Select(r => r.Edit)],
                        planned.Undoes,
                        planned.Kind
                    ),
                    JsonSerializer.Serialize(summary, Json.Options)
                )
            );
        }
        catch
        {
            TakeBack();
            throw;
        }

        if (applied is not { } stored)
        {
            // Sent before, and stored then.
            TakeBack();
            return CommandDone.Of(job, planned.Id, says, []);
        }

        // From here on nothing can fail any more: what was stored is what the open job is.
        var changed = Keep(job, resolved, stored.Versions);
        // Whether an end is landed to the plan as it is now, is told by what is written.
        job.MarkChanged(reached, judged);
        job.Sequence = stored.Sequence;
        feed.Tell(new JobChanged(planned.Job, stored.Sequence, says, who.Name, planned.Id));
        return CommandDone.Of(job, planned.Id, says, changed);

        void TakeBack() => job.MarkChanged(reached, job.Judged.Apply(undo).Judged);
    }

    /// <summary>Takes what was stored into the open job.</summary>
    private static List<PartVersion> Keep(
        JobSession job,
        IReadOnlyList<ResolvedChange> resolved,
        IReadOnlyList<long> versions
    )
    {
        foreach (var ((change, _), version) in resolved.Zip(versions))
        {
            job.Keep(change.Id, change.After is null ? 0 : version);
        }

        return [.. resolved.Zip(versions).Select(r => new PartVersion(r.First.Edit.Id, r.Second))];
    }

    /// <summary>
    /// The command as it was stored before; null where it is new. Throws where its id is that of another one.
    /// </summary>
    private async Task<StoredCommand?> RepeatedAsync(Guid id, Guid command, IReadOnlyList<PartChange>? asked) =>
        await jobs.FindCommandAsync(command) switch
        {
            null => null,
            { } before when before.Job == id && (asked is null || RepeatedCommands.IsSame(asked, before)) => before,
            { Says: var says } => throw new CommandIdTakenException(says),
        };

    /// <summary>
    /// Puts a job away or takes it out again, once nobody changes it any more; false where there is none, or it is so
    /// already.
    /// </summary>
    public async Task<bool> SetRemovedAsync(Guid id, bool removed, CancellationToken cancellation)
    {
        if (!removed || await open.HoldAsync(id, cancellation) is not { } job)
        {
            return await jobs.SetRemovedAsync(id, removed, cancellation);
        }

        try
        {
            return await jobs.SetRemovedAsync(id, removed, cancellation);
        }
        finally
        {
            open.Close(job);
        }
    }
}
