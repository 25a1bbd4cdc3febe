using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>A walk round what is already there, and the job that puts it right.</summary>
internal static class SurveyEndpoints
{
    private const int MostAtOnce = 100;

    internal static void MapSurveys(this WebApplication app)
    {
        var survey = app.MapGroup("/api/jobs/{id:guid}/survey").WithTags("Survey").Needs(Right.Read);
        survey
            .MapGet("", Get)
            .WithSummary("The devices of a survey, what was found, and what puts them right")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        survey
            .MapPost("", Add)
            .WithSummary("Adds devices as they were found, as one command")
            .Changes()
            .Needs(Right.Record);
        survey
            .MapPost("/job", MakeJob)
            .WithSummary("Makes the job that puts them right")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeJobs);
    }

    private static async Task<Results<Ok<SurveyDocument>, ProblemHttpResult>> Get(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var reader = lead.Unit();
        return await open.ReadAsync(id, job => Document(job, reader), cancellation) is { } survey
            ? TypedResults.Ok(survey)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Add(
        Guid id,
        NewSurvey request,
        Surveys surveys,
        Caller caller,
        CancellationToken cancellation
    ) =>
        request.Devices.Count is 0 or > MostAtOnce
            ? throw new ImpossibleInputException("devices", $"Add 1 to {MostAtOnce} devices at once.")
            : Answers.Of(
                await surveys.AddAsync(
                    id,
                    request.Id,
                    caller.Person,
                    [.. request.Devices.Select(d => d.Read())],
                    cancellation
                )
            );

    private static async Task<Results<Created<JobTaken>, ProblemHttpResult>> MakeJob(
        Guid id,
        NewRemedyJob request,
        Surveys surveys,
        Caller caller,
        CancellationToken cancellation
    ) =>
        Answers.OfNew(
            await surveys.MakeJobAsync(
                id,
                request.Id ?? Guid.CreateVersion7(),
                request.Name,
                caller.Person,
                cancellation
            ),
            made => $"/api/jobs/{made}",
            made => new JobTaken(made)
        );

    private static SurveyDocument Document(JobSession job, ReaderFormat reader)
    {
        var remedy = SurveyRemedy.For(job.Judged);
        var byDevice = remedy.Devices.ToDictionary(d => d.DeviceId);
        var devices = job
            .Job.Devices.Values.OrderBy(d => d.Order)
            .ThenBy(d => d.Id)
            .Select(d => new SurveyedItem(
                d.Id,
                d.Name,
                d.Type,
                [
                    .. Findings(job, d)
                        .Select(f => FindingDocument.Of(f, reader))
                        .DistinctBy(f => f.Check, StringComparer.Ordinal),
                ],
                byDevice.GetValueOrDefault(d.Id)
            ))
            .ToList();
        return new(
            devices,
            [
                .. devices
                    .SelectMany(d => d.Findings)
                    .GroupBy(f => (f.Severity, f.Check))
                    .OrderBy(g => g.Key.Severity)
                    .ThenByDescending(g => g.Count())
                    .Select(g => new SurveyCount(g.Key.Check, g.Key.Severity, g.Count())),
            ],
            remedy.Parts,
            remedy.Minutes
        );
    }

    private static IEnumerable<Finding> Findings(JobSession job, Device device)
    {
        var landings = job.Job.LandingsOf(device.Id).ToList();
        var ends = landings.SelectMany(l => job.Job.EndsAt(l.Id)).ToList();
        return job
            .Judged.About(new Subject(CheckScope.Device, device.Id))
            .Concat(landings.SelectMany(l => job.Judged.About(new Subject(CheckScope.Landing, l.Id))))
            .Concat(ends.SelectMany(e => job.Judged.About(new Subject(CheckScope.End, e.Wire.Id, e.Side))))
            .Concat(ends.SelectMany(e => job.Judged.About(new Subject(CheckScope.Wire, e.Wire.Id))))
            .Select(f => f.Finding)
            .OrderBy(f => f.Severity)
            .ThenBy(f => f.Check, StringComparer.Ordinal);
    }
}

/// <summary>Devices as they were found.</summary>
/// <param name="Id">Made by the client, so that sending twice adds once.</param>
/// <param name="Devices">The devices.</param>
public sealed record NewSurvey(Guid Id, IReadOnlyList<SurveyedDeviceDocument> Devices);

/// <summary>An existing device as it was found.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Type">receptacle, ground-fault-receptacle or switch.</param>
/// <param name="Wiring">side-screw, clamp, back-stab or lever.</param>
/// <param name="Hook">clockwise, counter-clockwise or straight.</param>
/// <param name="Doubled">Whether two conductors share a screw or hole.</param>
/// <param name="Polarity">right, reversed, open-earth or bootleg.</param>
/// <param name="Condition">good, loose or scorched.</param>
/// <param name="BareShowingMm">Bare metal that shows, mm.</param>
/// <param name="RatingAmps">What it is rated for, A.</param>
/// <param name="BreakerAmps">The circuit's breaker, A.</param>
/// <param name="Circuit">The circuit's name.</param>
/// <param name="Conductor">The conductors in the wall, as somebody looked; left out where nobody could say. It is never
/// taken from the breaker.</param>
/// <param name="InsulationCaught">Whether plastic is under a screw, or in a clamp.</param>
public sealed record SurveyedDeviceDocument(
    string Name,
    DeviceType Type = DeviceType.Receptacle,
    SurveyWiring Wiring = SurveyWiring.SideScrew,
    HookWay Hook = HookWay.Clockwise,
    bool Doubled = false,
    SurveyPolarity Polarity = SurveyPolarity.Right,
    SurveyCondition Condition = SurveyCondition.Good,
    double? BareShowingMm = null,
    double RatingAmps = 15,
    double BreakerAmps = 15,
    string? Circuit = null,
    ConductorDocument? Conductor = null,
    bool InsulationCaught = false
)
{
    /// <summary>The device; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public SurveyedDevice Read()
    {
        var device = new SurveyedDevice(Name.Trim())
        {
            Type = Type is DeviceType.Receptacle or DeviceType.GroundFaultReceptacle or DeviceType.Switch
                ? Type
                : throw new ImpossibleInputException(
                    "devices.type",
                    "A survey looks at receptacles, ground-fault receptacles and switches."
                ),
            Wiring = Wiring,
            Hook = Hook,
            Doubled = Doubled,
            Polarity = Polarity,
            Condition = Condition,
            BareShowing =
                BareShowingMm is null ? null
                : BareShowingMm is > 0 and <= 100 ? new Length(BareShowingMm.Value)
                : throw new ImpossibleInputException(
                    "devices.bareShowingMm",
                    "Bare metal that shows is from 0 to 100 mm."
                ),
            InsulationCaught = InsulationCaught,
            RatingAmps = RatingAmps,
            BreakerAmps = BreakerAmps is > 0 and <= 200
                ? BreakerAmps
                : throw new ImpossibleInputException("devices.breakerAmps", "A breaker is from 0 to 200 A."),
            Circuit = string.IsNullOrWhiteSpace(Circuit) ? null : Circuit.Trim(),
        };
        return Conductor is null ? device : device with { Conductor = Conductor.Read() };
    }
}

/// <summary>A survey.</summary>
/// <param name="Devices">The devices, in the order of the walk.</param>
/// <param name="Counts">How many devices each check found something at.</param>
/// <param name="Parts">What to bring.</param>
/// <param name="Minutes">How long putting them right takes.</param>
public sealed record SurveyDocument(
    IReadOnlyList<SurveyedItem> Devices,
    IReadOnlyList<SurveyCount> Counts,
    IReadOnlyList<RemedyPart> Parts,
    double Minutes
);

/// <summary>A device of a survey.</summary>
public sealed record SurveyedItem(
    Guid Id,
    string Name,
    DeviceType Type,
    IReadOnlyList<FindingDocument> Findings,
    DeviceRemedy? Remedy
);

/// <summary>How many devices a check found something at.</summary>
public sealed record SurveyCount(string Check, Severity Severity, int Devices);

/// <summary>The job that puts a survey right.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Id">Made by the client, so that sending twice makes one.</param>
public sealed record NewRemedyJob(string Name, Guid? Id = null);
