using Lacet.Core.Boards;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Store;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Enclosures as they stand.</summary>
internal static class BoardEndpoints
{
    /// <summary>Names of people are few; those of one shop fit many times over.</summary>
    private const int MostPeople = 1000;

    internal static void MapBoards(this WebApplication app) =>
        app.MapGroup("/api/jobs/{id:guid}/boards").WithTags("Board")
            .MapGet("/{enclosure:guid}", Board).WithSummary("An enclosure as it stands, every end in its slot").ProducesProblem(StatusCodes.Status404NotFound);

    /// <summary>With <paramref name="landing"/>, only the devices that these belong to: what an edit changed, before all the rest is read anew.</summary>
    private static async Task<Results<Ok<BoardDocument>, ProblemHttpResult>> Board(
        Guid id, Guid enclosure, JobDesk desk, PeopleTable people, CancellationToken cancellation, [FromQuery] Guid[]? landing = null)
    {
        var names = (await people.ListAsync(MostPeople)).ToDictionary(p => p.Id, p => p.Name);
        return await desk.ReadAsync(id, job => job.Job.Enclosures.ContainsKey(enclosure) ? Document(job, enclosure, landing is [_, ..] ? landing.ToHashSet() : null, names) : null, cancellation) is { } board
            ? TypedResults.Ok(board)
            : TypedResults.Problem("There is no such job, or no such enclosure in it.", statusCode: StatusCodes.Status404NotFound);
    }

    private static BoardDocument Document(OpenJob job, Guid enclosure, HashSet<Guid>? only, Dictionary<Guid, string> people)
    {
        var layout = BoardLayout.Of(job.Job, enclosure);
        return new(
            enclosure,
            job.Sequence,
            Rounded(layout.Box),
            [
                .. layout.Rails
                    .Select(r => (Rail: r, Devices: r.Devices.Where(d => only is null || d.Slots.Any(s => only.Contains(s.LandingId))).ToList()))
                    .Where(r => only is null || r.Devices.Count > 0)
                    .Select(r => new BoardRailDocument(r.Rail.Kind, Rounded(r.Rail.Box), [.. r.Devices.Select(d => Device(job, d, people))])),
            ],
            [
                .. job.Job.LandingsIn(enclosure).Where(l => only is null || only.Contains(l.Id)).SelectMany(l => job.Job.EndsAt(l.Id)).Select(e => e.Wire)
                    .DistinctBy(w => w.Id).Select(w => Wire(job, w, enclosure)),
            ]);
    }

    private static BoardDeviceDocument Device(OpenJob job, BoardDevice device, Dictionary<Guid, string> people)
    {
        var found = device.DeviceId is { } of ? job.Judged.About(new Subject(CheckScope.Device, of)) : [];
        return new(
            device.DeviceId,
            device.DeviceId is { } id ? job.Version(id) : 0,
            device.Name,
            device.Form,
            Rounded(device.Label),
            Rounded(device.Body),
            [.. device.Parts.Select(p => new BoardPart(p.Id, p.Kind, p.Path.Data))],
            [.. device.Slots.Select(s => Slot(job, s, people))],
            found.Select(f => (Severity?)f.Finding.Severity).Min(),
            [.. found.Select(f => f.Finding.Check)]);
    }

    private static BoardSlotDocument Slot(OpenJob job, BoardSlot slot, Dictionary<Guid, string> people)
    {
        var landing = job.Job.Landings[slot.LandingId];
        var ends = job.Job.EndsAt(landing.Id);
        // Most slots have nothing found, and a board has thousands of them.
        var found = new List<Finding>();
        found.AddRange(job.Judged.About(new Subject(CheckScope.Landing, landing.Id)).Select(f => f.Finding));
        foreach (var end in ends)
        {
            found.AddRange(AboutEnd(job, end));
        }

        return new(
            landing.Id,
            landing.Name,
            slot.Mark,
            JobEndpoints.SayLanding(landing),
            Rounded(slot.Box),
            [.. slot.Stubs.Select(s => Stub(job, s, people))],
            slot.More,
            found.Count == 0 ? null : found.Min(f => f.Severity),
            found.Count == 0 ? [] : [.. found.Select(f => f.Check).Distinct(StringComparer.Ordinal)],
            landing.Spare);
    }

    private static IEnumerable<Finding> AboutEnd(OpenJob job, EndOfWire end) =>
        job.Judged.About(new Subject(CheckScope.End, end.Wire.Id, end.Side)).Concat(job.Judged.About(new Subject(CheckScope.Wire, end.Wire.Id))).Select(f => f.Finding);

    private static BoardStubDocument Stub(OpenJob job, BoardStub stub, Dictionary<Guid, string> people)
    {
        var end = new EndOfWire(job.Job.Wires[stub.WireId], stub.Side);
        var progress = job.Progress(end);
        return new(
            stub.WireId, stub.Side, Rounded(stub.X), Rounded(stub.Y), Rounded(stub.ToX), Rounded(stub.ToY), progress.State, progress.OlderPlan ? true : null,
            AboutEnd(job, end).Select(f => (Severity?)f.Severity).Min(),
            end.End.Ferrule?.SizeMm2 is { } given ? Mm2(given) : job.Judged.Plan(stub.WireId, stub.Side)?.Ferrule is { } ferrule ? Mm2(ferrule.Size.SquareMillimetres) : null,
            job.Ends.Of(end.End.Id) is { } landed ? people.GetValueOrDefault(landed.By) : null);
    }

    private static BoardWire Wire(OpenJob job, JobWire wire, Guid enclosure) => new(
        wire.Id,
        job.Version(wire.Id),
        wire.Name,
        wire.Conductor?.Size.Name ?? "",
        wire.Colour?.ToString() ?? "",
        wire.Colour?.Base,
        wire.Colour?.Stripe,
        wire.Function == WireFunction.Unknown ? "" : wire.Function.Say(),
        wire.CircuitId,
        Place(job, wire.A, enclosure),
        Place(job, wire.B, enclosure));

    private static BoardPlace? Place(OpenJob job, JobEnd end, Guid here) => end.LandingId is { } id
        ? new(id, JobEndpoints.Place(job, end), job.Job.Landings[id].EnclosureId is var enclosure && enclosure == here ? null : enclosure)
        : null;

    private static string Mm2(double size) => FormattableString.Invariant($"{size:0.##} mm²");

    /// <summary>To a hundredth of a millimetre: finer is not seen, and longer to send.</summary>
    private static double Rounded(double mm) => Math.Round(mm, 2);

    private static BoardBox Rounded(SceneBox box) => new(Rounded(box.Left), Rounded(box.Top), Rounded(box.Right), Rounded(box.Bottom));
}
