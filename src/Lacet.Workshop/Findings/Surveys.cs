using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Findings;

/// <summary>A walk round what is already there, and the job that puts it right.</summary>
public sealed class Surveys(OpenJobs open, JobEditor editor, NewJobs jobs)
{
    /// <summary>Adds devices as they were found, as one command.</summary>
    public Task<Outcome<CommandDone>> AddAsync(
        Guid id,
        Guid command,
        Guid person,
        IReadOnlyList<SurveyedDevice> devices,
        CancellationToken cancellation
    ) => editor.ChangeAsync(id, command, person, job => Plan(job, devices), cancellation);

    /// <summary>Makes the job that puts a survey right.</summary>
    /// <param name="id">The survey.</param>
    /// <param name="job">The id of the new job.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="person">Who.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task<Outcome<Guid>> MakeJobAsync(
        Guid id,
        Guid job,
        string name,
        Guid person,
        CancellationToken cancellation
    )
    {
        name = name.Trim();
        if (name.Length is 0 or > 200)
        {
            throw new ImpossibleInputException("name", "Name the job, in 1 to 200 characters.");
        }

        return await open.ReadAsync(id, survey => Remedy(survey, job, name), cancellation) is not { } document
                ? new Outcome<Guid>.Missing(JobEditor.NoSuchJob)
            : await jobs.CreateAsync(document, person, $"Made {document.Job.Name} from a survey.", cancellation)
                ? new Outcome<Guid>.Done(document.Job.Id)
            : new Outcome<Guid>.Conflict(NewJobs.IdIsTaken);
    }

    private static (string Says, IReadOnlyList<PartChange> Changes) Plan(
        JobSession job,
        IReadOnlyList<SurveyedDevice> devices
    )
    {
        if (job.Title.Purpose != JobPurpose.Survey)
        {
            throw new ImpossibleInputException("id", "This job is no survey. Begin a survey first.");
        }

        // Each is put in a copy, so that the next finds the circuit that the one before brought.
        var copy = new Job(job.Job.Title, job.Job.Parts);
        var changes = new List<PartChange>();
        foreach (var device in devices)
        {
            var parts = device.Parts(copy, Guid.CreateVersion7);
            copy.Apply([.. parts.Select(EntityChange.Put)]);
            changes.AddRange(parts.Select(p => new PartChange(p)));
        }

        return (devices.Count == 1 ? $"Surveyed {devices[0].Name}." : $"Surveyed {devices.Count} devices.", changes);
    }

    private static JobDocument Remedy(JobSession survey, Guid id, string name)
    {
        var remedy = SurveyRemedy.For(survey.Judged);
        if (remedy.Devices.Count == 0)
        {
            throw new ImpossibleInputException("id", "Nothing is to be put right: the survey found nothing but notes.");
        }

        var title = new JobTitle(id, name)
        {
            Order = 1,
            Rules = survey.Title.Rules,
            Note = NoteOf(remedy, survey.Job.Title.Rules.Region),
        };
        return JobDocument.Of(title, remedy.Job(survey.Judged, title, Guid.CreateVersion7).Parts);
    }

    private static string NoteOf(SurveyRemedy remedy, Region region) =>
        FormattableString.Invariant(
            $"About {remedy.Minutes / 60:0.0} h. Bring: {string.Join("; ", remedy.Parts.Select(p => FormattableString.Invariant($"{p.Count:0.#} {p.Unit} of {p.Name.Word.InWords(region)}")))}."
        );
}
