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
        if (
            !await jobs.MakeAsync(
                [new(new JobCommand(Guid.CreateVersion7(), document.Job.Id, person, says, edits), Summary(job))],
                cancellation
            )
        )
        {
            return false;
        }

        open.Adopt(job);
        return true;
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
        var summary = Summary(job);
        var stored = await jobs.MakeAsync(
            [
                new(
                    new JobCommand(Guid.CreateVersion7(), title.Id, person, $"Made {title.Name}.", [edits[0]]),
                    summary
                ),
                new(
                    new JobCommand(command, title.Id, person, says, [.. edits.Skip(1)], Kind: CommandKind.Import),
                    summary
                ),
            ],
            cancellation
        );
        if (!stored)
        {
            return (await jobs.FindCommandAsync(command))!.Job;
        }

        open.Adopt(job);
        return title.Id;
    }

    /// <summary>
    /// A job’s parts as they are stored, its title first, and the job as it is read back from these, so that nothing is
    /// stored that could not be read.
    /// </summary>
    private async Task<(List<JobEdit> Edits, JobSession Job)> MadeAsync(IReadOnlyList<JobPart> parts, long sequence)
    {
        var edits = new List<JobEdit>(parts.Count);
        foreach (var part in parts)
        {
            var whole = await resolver.WithLandingAsync(part);
            edits.Add(new(whole.Id, ChangeResolver.Word(whole.Kind), PartJson.Write(whole), 0));
        }

        return (edits, new JobSession(edits.ConvertAll(e => new JobPartRow(e.Id, e.Kind, e.Body!, 1)), sequence));
    }

    private static string Summary(JobSession job) => JsonSerializer.Serialize(JobSummary.Of(job), Json.Options);
}
