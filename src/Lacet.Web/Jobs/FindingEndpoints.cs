using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>What must not be energised, what to put right, what to know.</summary>
internal static partial class FindingEndpoints
{
    internal static void MapFindings(this WebApplication app)
    {
        var findings = app.MapGroup("/api/jobs/{id:guid}/findings").WithTags("Findings").Needs(Right.Read);
        findings
            .MapGet("", List)
            .WithSummary("Findings of a job, worst first")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        findings
            .MapPost("/accept", Accept)
            .WithSummary("Takes a finding as it is, for a reason; never a stop")
            .Changes()
            .Needs(Right.ChangeJobs);
        findings
            .MapGet("/section", Section)
            .WithSummary("The end that a finding is about, drawn to scale")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Ok<FindingPage>, ProblemHttpResult>> List(
        Guid id,
        OpenJobs open,
        PeopleTable people,
        CancellationToken cancellation,
        string? check = null,
        QueryWord<Severity>? severity = null,
        Guid? wire = null,
        bool? accepted = null,
        int offset = 0,
        int limit = 200,
        QueryWord<Lead>? lead = null
    )
    {
        Endpoints.CheckedLimit(limit);
        var reader = lead.Unit();
        Severity? only = severity?.Value;
        var names = await people.NamesAsync();
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var acceptances = Acceptances.In(job);
                    var all = job
                        .Judged.Findings.Select(f => (Finding: f, Accepted: Acceptances.Of(job, f, acceptances)))
                        .ToList();
                    var wanted = all.Where(f =>
                            check is null || string.Equals(f.Finding.Finding.Check, check, StringComparison.Ordinal)
                        )
                        .Where(f => only is null || f.Finding.Finding.Severity == only)
                        .Where(f => accepted is null || f.Accepted is not null == accepted)
                        .Where(f => wire is null || Touches(job, f.Finding.About, wire.Value))
                        .ToList();
                    return new FindingPage(
                        [
                            .. wanted
                                .Skip(offset)
                                .Take(limit)
                                .Select(f => Document(job, f.Finding, f.Accepted, names, reader)),
                        ],
                        offset + limit < wanted.Count ? offset + limit : null,
                        [
                            .. all.GroupBy(f => (f.Finding.Finding.Severity, f.Finding.Finding.Check))
                                .OrderBy(g => g.Key.Severity)
                                .ThenBy(g => g.Min(f => f.Finding.Finding.Harm))
                                .ThenBy(g => g.Key.Check, StringComparer.Ordinal)
                                .Select(g => new FindingGroup(
                                    g.Key.Check,
                                    g.Key.Severity,
                                    g.Count(f => f.Accepted is null),
                                    g.Count(f => f.Accepted is not null)
                                )),
                        ]
                    )
                    {
                        Harms = [.. HarmsOf(all.Where(f => f.Accepted is null).Select(f => f.Finding.Finding))],
                    };
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static IEnumerable<HarmCount> HarmsOf(IEnumerable<Finding> open) =>
        open.GroupBy(f => f.Harm)
            .OrderBy(g => g.Key)
            .Select(g =>
            {
                int Of(Severity severity) => g.Count(f => f.Severity == severity);
                return new HarmCount(g.Key, Of(Severity.Stop), Of(Severity.Fix), Of(Severity.Note));
            });

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Accept(
        Guid id,
        NewAcceptance request,
        Acceptances acceptances,
        Caller caller,
        CancellationToken cancellation
    ) =>
        Answers.Of(
            await acceptances.AcceptAsync(id, request.Id, caller.Person, request.Key, request.Reason, cancellation)
        );

    private static async Task<Results<Ok<EndDrawing>, ProblemHttpResult>> Section(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var (which, reader) = (side.Value, lead.Unit());
        return
            await open.ReadAsync(
                id,
                job =>
                    job.Judged.Plan(wire, which) is { } plan
                        ? new EndDrawing(
                            SceneDocument.Of(
                                EndSection.Of(plan.AtHand, job.Job.Wires[wire][which].Found ?? new AsMade(null, null)),
                                reader
                            ),
                            plan.Conductor.Material
                        )
                        {
                            Hue = job.Job.Wires[wire].Colour?.Base,
                            Stripe = job.Job.Wires[wire].Colour?.Stripe,
                            Collar = plan.Ferrule?.Colour,
                        }
                        : null,
                cancellation
            )
                is { } scene
            ? TypedResults.Ok(scene)
            : TypedResults.Problem(
                "That end is not known well enough to be drawn.",
                statusCode: StatusCodes.Status404NotFound
            );
    }

    private static JobFindingDocument Document(
        JobSession job,
        JobFinding found,
        Acceptance? accepted,
        IReadOnlyDictionary<Guid, string> names,
        ReaderFormat reader
    ) =>
        new(
            Acceptances.KeyOf(found),
            found.Finding.Check,
            found.Finding.Severity,
            found.Finding.Says.Said(reader),
            found.Finding.Do.Said(reader),
            found.Finding.Source,
            found.Finding.Trust,
            found.Finding.RestsOn,
            Drawn(job, About(job, found.About)),
            accepted is null
                ? null
                : new(
                    accepted.Id,
                    job.Version(accepted.Id),
                    names.GetValueOrDefault(accepted.Person, "somebody on another server"),
                    accepted.Reason
                )
        )
        {
            Harm = found.Finding.Harm,
            Follows = job.Judged.RootOf(found) is { } root ? Acceptances.KeyOf(root) : null,
            Way = WayStopDocument.Of(job.Job, found.Finding.Way),
        };

    private static AboutDocument Drawn(JobSession job, AboutDocument about) =>
        about with
        {
            Drawable = about is { WireId: { } wire, Side: { } side } && job.Judged.Plan(wire, side) is not null,
        };
}
