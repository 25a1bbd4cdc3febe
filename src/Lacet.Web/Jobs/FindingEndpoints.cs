using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>What must not be energised, what to put right, what to know.</summary>
internal static class FindingEndpoints
{
    internal static void MapFindings(this WebApplication app)
    {
        var findings = app.MapGroup("/api/jobs/{id:guid}/findings").WithTags("Findings");
        findings
            .MapGet("", List)
            .WithSummary("Findings of a job, worst first")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        findings
            .MapPost("/accept", Accept)
            .WithSummary("Takes a finding as it is, for a reason; never a stop")
            .Changes();
        findings
            .MapGet("/section", Section)
            .WithSummary("The end that a finding is about, drawn to scale")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Ok<FindingPage>, ProblemHttpResult>> List(
        Guid id,
        OpenJobs open,
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
                        [.. wanted.Skip(offset).Take(limit).Select(f => Document(job, f.Finding, f.Accepted, reader))],
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
        CancellationToken cancellation
    ) =>
        Answers.Of(
            await acceptances.AcceptAsync(id, request.Id, request.PersonId, request.Key, request.Reason, cancellation)
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
            accepted is null ? null : new(accepted.Id, job.Version(accepted.Id), accepted.Person, accepted.Reason)
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

    private static AboutDocument About(JobSession job, Subject subject)
    {
        var whole = job.Job;
        return subject.Scope switch
        {
            CheckScope.End when whole.Wires[subject.Id] is var wire => new(
                subject.Scope,
                $"wire {wire.Name} at {job.Job.PlaceOf(wire[subject.Side])}",
                wire.Id,
                subject.Side,
                wire[subject.Side].LandingId,
                null,
                wire.CircuitId
            ),
            CheckScope.Wire when whole.Wires[subject.Id] is var wire => new(
                subject.Scope,
                $"wire {wire.Name}",
                wire.Id,
                Drawable(job, wire),
                wire.A.LandingId ?? wire.B.LandingId,
                null,
                wire.CircuitId
            ),
            CheckScope.Landing when whole.Landings[subject.Id] is var landing => AtLandings(
                job,
                subject,
                landing.EnclosureId,
                landing.Name,
                [landing],
                landing.DeviceId
            ),
            CheckScope.Device when whole.Devices[subject.Id] is var device => AtLandings(
                job,
                subject,
                device.EnclosureId,
                device.Name,
                whole.LandingsOf(device.Id),
                device.Id
            ),
            CheckScope.Enclosure when whole.Enclosures[subject.Id] is var enclosure => Kept(
                enclosure.Name,
                whole.LandingsIn(enclosure.Id).FirstOrDefault()?.Id
            ),
            CheckScope.Cord => Kept($"cord {whole.Cords[subject.Id].Name}"),
            CheckScope.PinMap => Kept($"pin map {whole.PinMaps[subject.Id].Map.Name}"),
            _ => OfSeveral(job, subject),
        };

        AboutDocument Kept(string name, Guid? landing = null) =>
            new(subject.Scope, name, null, null, landing, null, null, KeptId: subject.Id);
    }

    /// <summary>What is about several wires as a whole.</summary>
    private static AboutDocument OfSeveral(JobSession job, Subject subject)
    {
        var whole = job.Job;
        return subject.Scope switch
        {
            CheckScope.Circuit when whole.Circuits[subject.Id] is var circuit => OfWires(
                job,
                subject,
                $"circuit {circuit.Name}",
                whole.WiresOf(circuit.Id),
                circuit.Id
            ),
            CheckScope.Cable when whole.Cables[subject.Id] is var cable => OfWires(
                job,
                subject,
                $"cable {cable.Name}",
                whole.WiresIn(cable.Id),
                null
            ),
            _ => OfWires(job, subject, $"run {subject.Run}", whole.WiresRunning(subject.Run!), null),
        };
    }

    private static AboutDocument AtLandings(
        JobSession job,
        Subject subject,
        Guid enclosure,
        string name,
        IEnumerable<JobLanding> landings,
        Guid? device
    )
    {
        var end = landings.SelectMany(l => job.Job.EndsAt(l.Id)).Select(e => (EndOfWire?)e).FirstOrDefault();
        return new(
            subject.Scope,
            $"{job.Job.Enclosures[enclosure].Name}/{name}",
            end?.Wire.Id,
            end?.Side,
            end?.End.LandingId ?? landings.FirstOrDefault()?.Id,
            device,
            end?.Wire.CircuitId
        );
    }

    private static AboutDocument OfWires(
        JobSession job,
        Subject subject,
        string name,
        IEnumerable<JobWire> wires,
        Guid? circuit
    )
    {
        var wire = wires.MinBy(w => (w.Order, w.Id));
        return new(subject.Scope, name, wire?.Id, wire is null ? null : Drawable(job, wire), null, null, circuit);
    }

    /// <summary>The end of a wire that can be drawn; A where neither can.</summary>
    private static EndSide Drawable(JobSession job, JobWire wire) =>
        job.Judged.Plan(wire.Id, EndSide.A) is null && job.Judged.Plan(wire.Id, EndSide.B) is not null
            ? EndSide.B
            : EndSide.A;

    private static bool Touches(JobSession job, Subject subject, Guid wire) =>
        subject.Scope switch
        {
            CheckScope.End or CheckScope.Wire => subject.Id == wire,
            CheckScope.Landing => job.Job.EndsAt(subject.Id).Any(e => e.Wire.Id == wire),
            CheckScope.Device => job
                .Job.LandingsOf(subject.Id)
                .SelectMany(l => job.Job.EndsAt(l.Id))
                .Any(e => e.Wire.Id == wire),
            CheckScope.Circuit => job.Job.Wires[wire].CircuitId == subject.Id,
            CheckScope.Enclosure => job
                .Job.LandingsIn(subject.Id)
                .SelectMany(l => job.Job.EndsAt(l.Id))
                .Any(e => e.Wire.Id == wire),
            CheckScope.Cord or CheckScope.PinMap => false,
            CheckScope.Cable => job.Job.Wires[wire].CableId == subject.Id,
            _ => string.Equals(job.Job.Wires[wire].Run, subject.Run, StringComparison.OrdinalIgnoreCase),
        };
}
