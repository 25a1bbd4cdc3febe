using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Lists;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <content>Wires and landings, row by row, and an end opened.</content>
internal static partial class JobEndpoints
{
    internal static WireRow Row(JobSession job, JobWire wire) =>
        new(
            wire,
            job.Version(wire.Id),
            job.Job.PlaceOf(wire.A),
            job.Job.PlaceOf(wire.B),
            wire.Conductor?.Size.Name ?? "",
            TypeOf(wire),
            wire.Length is { } length ? Distance(length) : null,
            wire.CircuitId is { } circuit ? job.Job.Circuits[circuit].Name : "",
            job.Progress(new(wire, EndSide.A)),
            job.Progress(new(wire, EndSide.B)),
            Worst(
                job,
                [
                    new(CheckScope.Wire, wire.Id),
                    new(CheckScope.End, wire.Id, EndSide.A),
                    new(CheckScope.End, wire.Id, EndSide.B),
                    .. AtLanding(job, wire.A),
                    .. AtLanding(job, wire.B),
                ]
            )
        )
        {
            Run = job.Job.RunOf(wire) ?? "",
            Function = wire.Function == WireFunction.Unknown ? "" : wire.Function.Say(),
            Hue = wire.Colour?.Base,
            Stripe = wire.Colour?.Stripe,
        };

    private static string TypeOf(JobWire wire) => wire.Conductor is { } conductor ? conductor.Make : "";

    private static IEnumerable<Subject> AtLanding(JobSession job, JobEnd end) =>
        end.LandingId is not { } id ? []
        : job.Job.Landings[id].DeviceId is { } device ? [new(CheckScope.Landing, id), new(CheckScope.Device, device)]
        : [new(CheckScope.Landing, id)];

    private static Severity? Worst(JobSession job, IEnumerable<Subject> subjects) =>
        subjects.SelectMany(job.Judged.About).Select(f => (Severity?)f.Finding.Severity).Min();

    /// <summary>A wire's length is told in metres and feet.</summary>
    private static Readout Distance(Length length) =>
        new(
            Math.Round(length.Millimetres, 3),
            "mm",
            FormattableString.Invariant($"{length.Millimetres / 1000:0.###} m"),
            FormattableString.Invariant($"{length.Millimetres / 304.8:0.##} ft")
        );

    private static async Task<Results<Ok<WirePage>, ProblemHttpResult>> Wires(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        string q = "",
        Guid? enclosure = null,
        Guid? circuit = null,
        int offset = 0,
        int limit = 200
    )
    {
        Endpoints.CheckedLimit(limit);
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    bool In(JobEnd end) =>
                        end.LandingId is { } landing && job.Job.Landings[landing].EnclosureId == enclosure;
                    var wires = job
                        .WiresInOrder.Where(w => circuit is null || w.CircuitId == circuit)
                        .Where(w => enclosure is null || In(w.A) || In(w.B))
                        .Where(w =>
                            q.Length == 0
                            || $"{w.Name} {job.Job.PlaceOf(w.A)} {job.Job.PlaceOf(w.B)} {w.Colour} {w.Conductor} {w.Function.Say()} {(w.CircuitId is { } c ? job.Job.Circuits[c].Name : "")}".Contains(
                                q.Trim(),
                                StringComparison.OrdinalIgnoreCase
                            )
                        )
                        .ToList();
                    return new WirePage(
                        [.. wires.Skip(offset).Take(limit).Select(w => Row(job, w))],
                        offset + limit < wires.Count ? offset + limit : null,
                        wires.Count
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<CablePage>, ProblemHttpResult>> Cables(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null,
        int offset = 0,
        int limit = 100
    )
    {
        Endpoints.CheckedLimit(limit);
        var reader = lead.Unit();
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var cables = job.Job.Cables.Values.OrderBy(c => c.Order).ThenBy(c => c.Id).ToList();
                    return new CablePage(
                        [.. cables.Skip(offset).Take(limit).Select(c => CableRow.Of(job, c, reader))],
                        offset + limit < cables.Count ? offset + limit : null,
                        cables.Count
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<LandingPage>, ProblemHttpResult>> Landings(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        Guid? enclosure = null,
        string q = "",
        int offset = 0,
        int limit = 200
    )
    {
        Endpoints.CheckedLimit(limit);
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var landings = job
                        .Job.Enclosures.Values.OrderBy(e => e.Order)
                        .ThenBy(e => e.Id)
                        .Where(e => enclosure is null || e.Id == enclosure)
                        .SelectMany(e => job.Job.LandingsIn(e.Id))
                        .Where(l => q.Length == 0 || l.Name.Contains(q.Trim(), StringComparison.OrdinalIgnoreCase))
                        .ToList();
                    return new LandingPage(
                        [.. landings.Skip(offset).Take(limit).Select(l => LandingRowOf(job, l))],
                        offset + limit < landings.Count ? offset + limit : null,
                        landings.Count
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static LandingRow LandingRowOf(JobSession job, JobLanding landing) =>
        new(
            landing,
            job.Version(landing.Id),
            landing.Describe(),
            [.. job.Job.EndsAt(landing.Id).Select(e => e.Wire.Name)],
            Worst(
                job,
                [
                    new(CheckScope.Landing, landing.Id),
                    .. job.Job.EndsAt(landing.Id).Select(e => new Subject(CheckScope.End, e.Wire.Id, e.Side)),
                ]
            )
        );

    private static async Task<Results<Ok<EndOpened>, ProblemHttpResult>> End(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        OpenJobs open,
        Caller caller,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var (which, reader) = (side.Value, lead.Unit());
        return
            await open.ReadAsync(
                id,
                job =>
                    job.Job.Wires.TryGetValue(wire, out var found) && !found.Retired
                        ? Open(job, new(found, which), reader, caller.IsApprentice)
                        : null,
                cancellation
            )
                is { } end
            ? TypedResults.Ok(end)
            : Answers.NoJob();
    }

    private static EndOpened Open(JobSession job, EndOfWire end, ReaderFormat reader, bool byApprentice)
    {
        var atHand = job.Judged.Plan(end.Wire.Id, end.Side)?.AtHand is { } plan
            ? plan with
            {
                ByApprentice = byApprentice,
            }
            : null;
        return new(
            Row(job, end.Wire),
            end.End.LandingId is null ? null : job.Job.PlaceOf(end.End),
            job.Progress(end),
            atHand is null ? null : RecipeDocument.Of(Core.Recipes.RecipeBook.For(atHand), reader),
            atHand is null
                ? null
                : SceneDocument.Of(
                    Core.Drawings.EndSection.Of(atHand, end.End.Found ?? new AsMade(null, null)),
                    reader
                ),
            end.End.Found is { } found ? new(found.Faults, found.Strands, found.StrandsLost) : null,
            end.End.LandingId is { } at ? JobSpliceDocument.Of(job, job.Job.Landings[at], reader) : null
        );
    }

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> TypeWires(
        Guid id,
        TypedWires request,
        WireRows rows,
        Caller caller,
        CancellationToken cancellation
    ) => Answers.Of(await rows.ChangeAsync(id, request, caller.Person, cancellation));

    private static async Task<Results<Ok<Difference>, ProblemHttpResult>> TryWires(
        Guid id,
        TypedWires request,
        WireRows rows,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    ) => Answers.Of(await rows.TryAsync(id, request, lead.Unit(), cancellation));

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> AddLine(
        Guid id,
        TypedLine request,
        WireRows rows,
        Caller caller,
        CancellationToken cancellation
    ) => Answers.Of(await rows.AddLineAsync(id, request, caller.Person, cancellation));
}
