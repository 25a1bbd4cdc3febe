using System.Text.Json;
using System.Text.Json.Nodes;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Devices;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Devices;
using Lacet.Web.Shelf;

namespace Lacet.Web.Jobs;

/// <summary>What is read of jobs and changed in them, each with its gate held; changed only through here.</summary>
internal sealed class JobDesk(OpenJobs open, JobsTable jobs, EventsTable events, PeopleTable people, ShelfEntries shelf, Feed<JobMessage> feed)
{
    private const int MostStitches = 400;

    /// <summary>Reads of a job, with its gate held; null where there is no such job.</summary>
    internal async Task<T?> ReadAsync<T>(Guid id, Func<OpenJob, T?> read, CancellationToken cancellation)
        where T : class
    {
        if (await open.HoldAsync(id, cancellation) is not { } job)
        {
            return null;
        }

        try
        {
            return read(job);
        }
        finally
        {
            job.Gate.Release();
        }
    }

    /// <summary>
    /// Changes a job, all or nothing; null where there is no such job. <paramref name="plan"/> is asked with the gate held,
    /// so what it reads is what is changed. Throws <see cref="JobConflictException"/> where a part has moved on. A command that
    /// was stored before is answered as the first time; under the id of another one it is refused by
    /// <see cref="CommandIdTakenException"/>, which <paramref name="asked"/> tells apart where the changes are given as they are.
    /// </summary>
    internal Task<CommandDone?> ChangeAsync(
        Guid id, Guid command, Guid person, Func<OpenJob, (string Says, IReadOnlyList<PartChange> Changes)> plan, CancellationToken cancellation, Guid? undoes = null, IReadOnlyList<PartChange>? asked = null) =>
        ChangeAsync(id, command, person, plan, change => jobs.ApplyAsync(change, cancellation), cancellation, undoes, () => RepeatedAsync(id, command, asked));

    /// <summary>
    /// The same, kept by <paramref name="store"/>, which may keep something else with it in one transaction. It gives the
    /// job's sequence, or null where nothing was stored: then the job is as it was. What it keeps tells it whether it was sent
    /// before, unless <paramref name="repeated"/> does.
    /// </summary>
    internal async Task<CommandDone?> ChangeAsync(
        Guid id, Guid command, Guid person, Func<OpenJob, (string Says, IReadOnlyList<PartChange> Changes)> plan, Func<JobChange, Task<long?>> store, CancellationToken cancellation, Guid? undoes = null, Func<Task<StoredCommand?>>? repeated = null)
    {
        var who = await KnownAsync(person);
        if (await open.HoldAsync(id, cancellation) is not { } job)
        {
            return null;
        }

        try
        {
            if (repeated is not null && await repeated() is { } before)
            {
                return Done(job, command, before.Says, [.. before.Edits.Select(e => new PartVersion(e.Part, job.Version(e.Part)))]);
            }

            var (says, changes) = plan(job);
            if (changes.Count == 0)
            {
                throw new ImpossibleInputException("changes", "That changes nothing.");
            }

            var put = await ResolveAsync(job, changes);
            var (undo, judged) = job.Judged.Apply([.. put.Select(p => p.Change)]);
            IJobEntity[] reached = [.. undo.Concat(put.Select(p => p.Change)).Select(c => c.After).OfType<IJobEntity>()];
            job.Changed(reached, judged);
            long? sequence;
            try
            {
                sequence = await store(new(
                    new JobCommand(command, id, person, says, [.. put.Select(p => p.Edit)], undoes),
                    JsonSerializer.Serialize(SummaryAfter(job, put), Json.Options)));
            }
            catch
            {
                TakeBack();
                throw;
            }

            if (sequence is not { } stored)
            {
                // Sent before, and stored then.
                TakeBack();
                return Done(job, command, says, []);
            }

            var changed = new List<PartVersion>(put.Count);
            foreach (var (_, edit, document) in put)
            {
                if (document is null)
                {
                    job.Forget(edit.Id);
                    changed.Add(new(edit.Id, 0));
                }
                else
                {
                    job.Keep(document, undoes is null ? job.Version(edit.Id) + 1 : 0);
                    changed.Add(new(edit.Id, job.Version(edit.Id)));
                }
            }

            if (undoes is not null)
            {
                // What is put back goes on counting where the store left off.
                var versions = (await jobs.PartsAsync(id)).ToDictionary(p => p.Id, p => p.Version);
                foreach (var document in put.Select(p => p.Document).OfType<JobPartDocument>())
                {
                    job.Keep(document, versions[document.Id]);
                }
            }

            // Whether an end is landed to the plan as it is now, is told by what is written.
            job.Changed(reached, judged);
            job.Sequence = stored;
            feed.Tell(new JobMessage(id, stored, says, who.Name, command));
            return Done(job, command, says, changed);

            void TakeBack() => job.Changed(reached, job.Judged.Apply(undo).Judged);
        }
        finally
        {
            job.Gate.Release();
        }
    }

    /// <summary>Makes a job of a document; false where a job of that id is there already.</summary>
    internal async Task<bool> CreateAsync(JobDocument document, Guid person, string says, CancellationToken cancellation)
    {
        await KnownAsync(person);
        if (await jobs.ExistsAsync(document.Job.Id, removedToo: true))
        {
            return false;
        }

        var (edits, summary) = await MadeAsync([document.Job, .. document.Parts()]);
        await jobs.ApplyAsync(new(new JobCommand(Guid.CreateVersion7(), document.Job.Id, person, says, edits), summary), cancellation);
        return true;
    }

    /// <summary>
    /// Makes a job and puts into it what comes with it, in one transaction: two commands, so that the second alone can be
    /// undone. Gives the job; the one that was made by this command before, where it is sent again.
    /// </summary>
    internal async Task<Guid> CreateAsync(TitleDocument title, Guid person, Guid command, string says, IReadOnlyList<JobPartDocument> with, CancellationToken cancellation)
    {
        await KnownAsync(person);
        if (with.Count == 0)
        {
            throw new ImpossibleInputException("changes", "That changes nothing.");
        }

        var (edits, summary) = await MadeAsync([title, .. with]);
        var stored = await jobs.ApplyAsync(
            new(new JobCommand(Guid.CreateVersion7(), title.Id, person, $"Made {title.Name}.", [edits[0]]), summary),
            new(new JobCommand(command, title.Id, person, says, [.. edits.Skip(1)]), summary),
            cancellation);
        return stored ? title.Id : (await jobs.FindCommandAsync(command))!.Job;
    }

    private async Task<PersonRow> KnownAsync(Guid person) =>
        await people.FindAsync(person) ?? throw new ImpossibleInputException("personId", "Nobody has this id. Type the name first.");

    /// <summary>
    /// A job’s parts as they are stored, its title first, and what its card shows. It is opened as it will be read, so that
    /// nothing is stored that could not be.
    /// </summary>
    private async Task<(List<JobEdit> Edits, string Summary)> MadeAsync(IReadOnlyList<JobPartDocument> parts)
    {
        var edits = new List<JobEdit>(parts.Count);
        foreach (var part in parts)
        {
            var whole = await WithLandingAsync(part);
            edits.Add(new(whole.Id, Word(whole.Kind), whole.Write(), 0));
        }

        using var job = new OpenJob(edits.Select(e => new JobPartRow(e.Id, e.Kind, e.Body!, 1)), 1);
        return (edits, JsonSerializer.Serialize(Summary(job), Json.Options));
    }

    /// <summary>What is recorded of a job's ends has changed.</summary>
    internal async Task RecordedAsync(Guid id, string says, string person, CancellationToken cancellation)
    {
        if (await open.HoldAsync(id, cancellation) is not { } job)
        {
            return;
        }

        try
        {
            job.Recorded(await EndsOfJob.ReadAsync(events, id));
            await jobs.SummariseAsync(id, JsonSerializer.Serialize(Summary(job), Json.Options), cancellation);
            feed.Tell(new JobMessage(id, job.Sequence, says, person));
        }
        finally
        {
            job.Gate.Release();
        }
    }

    internal static JobSummary Summary(OpenJob job)
    {
        var runs = new List<LaceRun>();
        var wires = 0;
        foreach (var wire in job.WiresInOrder)
        {
            wires++;
            Stitch(new(wire, EndSide.A));
            Stitch(new(wire, EndSide.B));
        }

        IReadOnlyList<LaceRun> lace = runs.Count <= MostStitches ? runs
            : [.. runs.GroupBy(r => r.State).OrderByDescending(g => g.Key).Select(g => new LaceRun(g.Key, g.Sum(r => r.Ends)))];
        return new(
            job.Title.Name, job.Title.Purpose, wires, lace,
            job.Judged.Count(Severity.Stop), job.Judged.Count(Severity.Fix), job.Judged.Count(Severity.Note),
            job.Judged.Worst?.Finding.Says.ToString(UnitLead.Metric));

        void Stitch(EndOfWire end)
        {
            // What goes on out of the job is somebody else's to land.
            if (end.End is { Elsewhere: true, LandingId: null })
            {
                return;
            }

            var state = job.Progress(end).State;
            if (runs is [.., var last] && last.State == state)
            {
                runs[^1] = last with { Ends = last.Ends + 1 };
            }
            else
            {
                runs.Add(new(state, 1));
            }
        }
    }

    private static JobSummary SummaryAfter(OpenJob job, IReadOnlyList<(EntityChange Change, JobEdit Edit, JobPartDocument? Document)> put)
    {
        var summary = Summary(job);
        return put.Select(p => p.Document).OfType<TitleDocument>().LastOrDefault() is { } title ? summary with { Name = title.Name } : summary;
    }

    private static CommandDone Done(OpenJob job, Guid command, string says, IReadOnlyList<PartVersion> changed) => new(
        command, job.Sequence, says, changed, job.Judged.Count(Severity.Stop), job.Judged.Count(Severity.Fix), job.Judged.Count(Severity.Note));

    /// <summary>The command as it was stored before; null where it is new. Throws where its id is that of another one.</summary>
    private async Task<StoredCommand?> RepeatedAsync(Guid id, Guid command, IReadOnlyList<PartChange>? asked) => await jobs.FindCommandAsync(command) switch
    {
        null => null,
        { } before when before.Job == id && (asked is null || IsSame(asked, before)) => before,
        { Says: var says } => throw new CommandIdTakenException(says),
    };

    /// <summary>
    /// Whether changes are those of a stored command: the same parts, each as it was asked for. A part’s place and a landing
    /// of the Shelf are filled in when it is stored; a wire that something is recorded at is retired where it was to be taken out.
    /// </summary>
    private static bool IsSame(IReadOnlyList<PartChange> asked, StoredCommand stored) =>
        asked.Count == stored.Edits.Count && asked.Zip(stored.Edits).All(pair => pair switch
        {
            ({ Put: { } put }, { Part: var part, After: { } after }) => put.Id == part && JsonNode.DeepEquals(Comparable(put.Write(), put), Comparable(after, put)),
            ({ Remove: { } id }, var edit) => id == edit.Part && IsTakenOut(edit),
            _ => false,
        });

    /// <summary>Whether a change took a part out: gone, or retired where something is recorded at it.</summary>
    internal static bool IsTakenOut(StoredEdit edit) => edit.After is null || JsonNode.Parse(edit.After)?["retired"]?.GetValue<bool>() == true;

    private static JsonObject Comparable(string body, JobPartDocument asked)
    {
        var part = JsonNode.Parse(body)!.AsObject();
        if (asked.Order == 0)
        {
            part.Remove("order");
        }

        if (asked is JobLandingDocument { Landing.Id: not null })
        {
            part.Remove("landing");
        }

        return part;
    }

    private static string Word(EntityKind kind) => kind.ToString().ToLowerInvariant();

    /// <summary>Landings of the Shelf get their data, new parts their place; a wire that something is recorded at is retired and not taken out.</summary>
    private async Task<List<(EntityChange Change, JobEdit Edit, JobPartDocument? Document)>> ResolveAsync(OpenJob job, IReadOnlyList<PartChange> changes)
    {
        var resolved = new List<(EntityChange, JobEdit, JobPartDocument?)>(changes.Count);
        var orders = new Dictionary<EntityKind, int>();
        foreach (var change in changes)
        {
            switch (change)
            {
                case { Put: { } put, Remove: null }:
                    if (put is TitleDocument title && title.Id != job.Id)
                    {
                        throw new ImpossibleInputException("changes", "A job keeps its id.");
                    }

                    if (job.FindPart(put.Id) is { } there && there.Kind != put.Kind)
                    {
                        throw new ImpossibleInputException("changes", "A part keeps its kind: put the other in with an id of its own.");
                    }

                    var document = await WithLandingAsync(InPlace(put));
                    resolved.Add((EntityChange.Put(document.Read()), new(document.Id, Word(document.Kind), document.Write(), change.Version ?? 0), document));
                    break;
                case { Put: null, Remove: { } id }:
                    var part = job.FindPart(id) ?? throw new JobConflictException(id, null);
                    var retired = part is WireDocument wire && job.Ends.HasEvents(wire) ? wire with { Retired = true } : null;
                    resolved.Add((new(part.Kind, id, retired?.Read()), new(id, Word(part.Kind), retired?.Write(), change.Version ?? 0), retired));
                    break;
                default:
                    throw new ImpossibleInputException("changes", "A change puts a part in or takes one out: give put or remove.");
            }
        }

        return resolved;

        JobPartDocument InPlace(JobPartDocument part)
        {
            if (part.Id == Guid.Empty)
            {
                throw new ImpossibleInputException("changes", "Every part needs an id.");
            }

            if (part.Order > 0 || part.Kind == EntityKind.Title)
            {
                return part;
            }

            if (!orders.TryGetValue(part.Kind, out var last))
            {
                last = job.Parts.Where(p => p.Kind == part.Kind).Select(p => p.Order).DefaultIfEmpty(0).Max();
            }

            return part with { Order = orders[part.Kind] = last + 1 };
        }
    }

    private async Task<JobPartDocument> WithLandingAsync(JobPartDocument part) =>
        part is JobLandingDocument { Landing: { Id: not null } named } landing && named.GetType() == typeof(Exchange.Documents.LandingDocument)
            ? landing with { Landing = await shelf.ResolveAsync(named) }
            : part;

    /// <summary>
    /// Puts a job away or takes it out again, once nobody changes it any more; false where there is none, or it is so already.
    /// </summary>
    internal async Task<bool> SetRemovedAsync(Guid id, bool removed, CancellationToken cancellation)
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
