using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>Makes jobs.</summary>
public sealed class NewJobs(OpenJobs open, JobsTable jobs, PeopleTable people, ChangeResolver resolver)
{
    /// <summary>What is said where a new job’s id is that of another.</summary>
    public const string IdIsTaken = "Another job has this id already. Nothing was stored.";

    /// <summary>Makes a job of a document; false where a job of that id is there already.</summary>
    public async Task<bool> CreateAsync(JobDocument document, Guid person, string says, CancellationToken cancellation)
    {
        await people.KnownAsync(person);
        if (await jobs.ExistsAsync(document.Job.Id, removedToo: true))
        {
            return false;
        }

        var (edits, job) = await MadeAsync([document.Job, .. document.Parts()], sequence: 1);
        return await StoreAsync(
            [new JobCommand(Guid.CreateVersion7(), document.Job.Id, person, says, edits)],
            job,
            cancellation
        );
    }

    /// <summary>
    /// Makes a job and puts into it what comes with it, in one transaction: two commands, so that the second alone can
    /// be undone: an import. Gives the job; the one that was made by this command before, where it is sent again.
    /// </summary>
    internal async Task<Guid> CreateAsync(
        JobTitle title,
        Guid person,
        Guid command,
        string says,
        IReadOnlyList<JobPart> with,
        CancellationToken cancellation
    )
    {
        await people.KnownAsync(person);
        if (with.Count == 0)
        {
            throw new ImpossibleInputException("changes", "That changes nothing.");
        }

        var (edits, job) = await MadeAsync([title, .. with], sequence: 2);
        var stored = await StoreAsync(
            [
                new JobCommand(Guid.CreateVersion7(), title.Id, person, $"Made {title.Name}.", [edits[0]]),
                new JobCommand(command, title.Id, person, says, edits[1..], Kind: CommandKind.Import),
            ],
            job,
            cancellation
        );
        if (!stored)
        {
            return (await jobs.FindCommandAsync(command))!.Job;
        }

        return title.Id;
    }

    private async Task<bool> StoreAsync(
        IReadOnlyList<JobCommand> commands,
        Task<JobSession> job,
        CancellationToken cancellation
    )
    {
        if (!await jobs.MakeAsync(commands, SummaryAsync(job), cancellation))
        {
            return false;
        }

        open.Adopt(await job);
        return true;
    }

    /// <summary>
    /// A job’s parts as they are stored, its title first and the rest by id, which is how the store keeps them; and the
    /// job as it is read back from these, so that nothing is stored that could not be read. A large one is read back
    /// while it is stored.
    /// </summary>
    private async Task<(List<JobEdit> Edits, Task<JobSession> Job)> MadeAsync(
        IReadOnlyList<JobPart> parts,
        long sequence
    )
    {
        var whole = new List<JobPart>(parts.Count);
        foreach (var part in parts)
        {
            whole.Add(await resolver.WithLandingAsync(part));
        }

        var edits = whole
            .AsParallel()
            .AsOrdered()
            .Select(part => new JobEdit(part.Id, ChangeResolver.Word(part.Kind), PartJson.Write(part), 0))
            .ToList();
        edits.Sort(1, edits.Count - 1, Comparer<JobEdit>.Create((a, b) => a.Id.CompareTo(b.Id)));
        return (
            edits,
            Task.Run(() => new JobSession(edits.ConvertAll(e => new JobPartRow(e.Id, e.Kind, e.Body!, 1)), sequence))
        );
    }

    private static async Task<string> SummaryAsync(Task<JobSession> job) =>
        JsonSerializer.Serialize(JobSummary.Of(await job), Json.Options);
}
