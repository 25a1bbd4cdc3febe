using System.Collections.Concurrent;
using System.Text.Json;
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

/// <summary>Jobs that are open: read once, kept judged, and changed only through here.</summary>
internal sealed class JobDesk(JobsTable jobs, EventsTable events, PeopleTable people, ShelfEntries shelf, Feed<JobMessage> feed)
{
    /// <summary>So many stay in memory; the one that was longest untouched goes first, and is read again when it is asked for.</summary>
    private const int MostOpen = 12;

    private const int MostStitches = 400;

    private readonly ConcurrentDictionary<Guid, Lazy<Task<OpenJob?>>> _open = new();
    private readonly ConcurrentDictionary<Guid, long> _touched = new();
    private long _clock;

    /// <summary>Reads of a job, with its gate held; null where there is no such job.</summary>
    internal async Task<T?> ReadAsync<T>(Guid id, Func<OpenJob, T?> read, CancellationToken cancellation)
        where T : class
    {
        if (await OpenAsync(id) is not { } job)
        {
            return null;
        }

        await job.Gate.WaitAsync(cancellation);
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
    /// so what it reads is what is changed. Throws <see cref="JobConflictException"/> where a part has moved on.
    /// </summary>
    internal Task<CommandDone?> ChangeAsync(
        Guid id, Guid command, Guid person, Func<OpenJob, (string Says, IReadOnlyList<PartChange> Changes)> plan, CancellationToken cancellation, Guid? undoes = null) =>
        ChangeAsync(id, command, person, plan, change => jobs.ApplyAsync(change, cancellation), cancellation, undoes);

    /// <summary>
    /// The same, kept by <paramref name="store"/>, which may keep something else with it in one transaction. It gives the
    /// job's sequence, or null where nothing was stored: then the job is as it was.
    /// </summary>
    internal async Task<CommandDone?> ChangeAsync(
        Guid id, Guid command, Guid person, Func<OpenJob, (string Says, IReadOnlyList<PartChange> Changes)> plan, Func<JobChange, Task<long?>> store, CancellationToken cancellation, Guid? undoes = null)
    {
        var who = await people.FindAsync(person) ?? throw new ImpossibleInputException("personId", "Nobody has this id. Type the name first.");
        if (await OpenAsync(id) is not { } job)
        {
            return null;
        }

        await job.Gate.WaitAsync(cancellation);
        try
        {
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
        if (await people.FindAsync(person) is null)
        {
            throw new ImpossibleInputException("personId", "Nobody has this id. Type the name first.");
        }

        if (await jobs.ExistsAsync(document.Job.Id, removedToo: true))
        {
            return false;
        }

        var parts = new List<JobPartDocument>();
        foreach (var part in document.Parts().Prepend(document.Job))
        {
            parts.Add(await WithLandingAsync(part));
        }

        using var job = new OpenJob(parts.Select(p => new JobPartRow(p.Id, "", p.Write(), 1)), 1);
        await jobs.ApplyAsync(
            new(
                new JobCommand(Guid.CreateVersion7(), document.Job.Id, person, says, [.. parts.Select(p => new JobEdit(p.Id, Word(p.Kind), p.Write(), 0))]),
                JsonSerializer.Serialize(Summary(job), Json.Options)),
            cancellation);
        _open.TryRemove(document.Job.Id, out _);
        return true;
    }

    /// <summary>What is recorded of a job's ends has changed.</summary>
    internal async Task RecordedAsync(Guid id, string says, string person, CancellationToken cancellation)
    {
        if (await OpenAsync(id) is not { } job)
        {
            return;
        }

        await job.Gate.WaitAsync(cancellation);
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

    private async Task<OpenJob?> OpenAsync(Guid id)
    {
        _touched[id] = Interlocked.Increment(ref _clock);
        var opened = _open.GetOrAdd(id, key => new(() => LoadAsync(key)));
        try
        {
            var job = await opened.Value;
            if (job is null)
            {
                _open.TryRemove(id, out _);
                _touched.TryRemove(id, out _);
            }

            CloseOldest(id);
            return job;
        }
        catch
        {
            _open.TryRemove(id, out _);
            throw;
        }
    }

    private void CloseOldest(Guid keep)
    {
        while (_open.Count > MostOpen && _open.Keys.Where(k => k != keep).OrderBy(k => _touched.GetValueOrDefault(k)).FirstOrDefault() is var oldest && oldest != Guid.Empty)
        {
            // Whoever still holds it finishes with it; a change would meet the store's versions.
            _open.TryRemove(oldest, out _);
            _touched.TryRemove(oldest, out _);
        }
    }

    private async Task<OpenJob?> LoadAsync(Guid id)
    {
        if (!await jobs.ExistsAsync(id))
        {
            return null;
        }

        var sequence = await jobs.LastSequenceAsync(id);
        return new OpenJob(await jobs.PartsAsync(id), sequence, await EndsOfJob.ReadAsync(events, id));
    }

    /// <summary>A job was put away or taken out again.</summary>
    internal void Close(Guid id) => _open.TryRemove(id, out _);
}
