using Lacet.Core.Boards;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>Enclosures as they stand.</summary>
internal static class BoardEndpoints
{
    /// <summary>Names of people are few; those of one shop fit many times over.</summary>
    private const int MostPeople = 1000;

    internal static void MapBoards(this WebApplication app) =>
        app.MapGroup("/api/jobs/{id:guid}/boards").WithTags("Board")
            .MapGet("/{enclosure:guid}", Board).WithSummary("An enclosure as it stands, every end in its slot").ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<Results<Ok<BoardDocument>, ProblemHttpResult>> Board(Guid id, Guid enclosure, JobDesk desk, PeopleTable people, CancellationToken cancellation)
    {
        var names = (await people.ListAsync(MostPeople)).ToDictionary(p => p.Id, p => p.Name);
        return await desk.ReadAsync(id, job => job.Job.Enclosures.ContainsKey(enclosure) ? Document(job, enclosure, names) : null, cancellation) is { } board
            ? TypedResults.Ok(board)
            : TypedResults.Problem("There is no such job, or no such enclosure in it.", statusCode: StatusCodes.Status404NotFound);
    }

    private static BoardDocument Document(OpenJob job, Guid enclosure, Dictionary<Guid, string> people)
    {
        var layout = BoardLayout.Of(job.Job, enclosure);
        return new(
            enclosure,
            job.Sequence,
            Rounded(layout.Box),
            [.. layout.Rails.Select(r => new BoardRailDocument(r.Kind, Rounded(r.Box), [.. r.Devices.Select(d => Device(job, d, people))]))],
            [.. job.Job.LandingsIn(enclosure).SelectMany(l => job.Job.EndsAt(l.Id)).Select(e => e.Wire).DistinctBy(w => w.Id).Select(w => Wire(job, w))]);
    }

    private static BoardDeviceDocument Device(OpenJob job, BoardDevice device, Dictionary<Guid, string> people) => new(
        device.DeviceId,
        device.DeviceId is { } id ? job.Version(id) : 0,
        device.Name,
        device.Form,
        Rounded(device.Label),
        Rounded(device.Body),
        [.. device.Parts.Select(p => new ScenePartDocument(p.Id, p.Kind, p.Path.Data, p.LineWidth, Rounded(p.Box)))],
        [.. device.Slots.Select(s => Slot(job, s, people))]);

    private static BoardSlotDocument Slot(OpenJob job, BoardSlot slot, Dictionary<Guid, string> people)
    {
        var landing = job.Job.Landings[slot.LandingId];
        var ends = job.Job.EndsAt(landing.Id);
        List<Finding> found =
        [
            .. job.Judged.About(new Subject(CheckScope.Landing, landing.Id)).Select(f => f.Finding),
            .. ends.SelectMany(e => AboutEnd(job, e)),
        ];
        return new(
            landing.Id,
            landing.Name,
            slot.Mark,
            JobEndpoints.SayLanding(landing),
            Rounded(slot.Box),
            [.. slot.Stubs.Select(s => Stub(job, s, people))],
            slot.More,
            found.Select(f => (Severity?)f.Severity).Min(),
            [.. found.Select(f => f.Check).Distinct(StringComparer.Ordinal)],
            landing.Spare);
    }

    private static IEnumerable<Finding> AboutEnd(OpenJob job, EndOfWire end) =>
        job.Judged.About(new Subject(CheckScope.End, end.Wire.Id, end.Side)).Concat(job.Judged.About(new Subject(CheckScope.Wire, end.Wire.Id))).Select(f => f.Finding);

    private static BoardStubDocument Stub(OpenJob job, BoardStub stub, Dictionary<Guid, string> people)
    {
        var end = new EndOfWire(job.Job.Wires[stub.WireId], stub.Side);
        var progress = job.Progress(end);
        return new(
            stub.WireId, stub.Side, Rounded(stub.X), Rounded(stub.Y), Rounded(stub.ToX), Rounded(stub.ToY), progress.State, progress.OlderPlan,
            AboutEnd(job, end).Select(f => (Severity?)f.Severity).Min(),
            end.End.Ferrule?.SizeMm2 is { } given ? Mm2(given) : job.Judged.Plan(stub.WireId, stub.Side)?.Ferrule is { } ferrule ? Mm2(ferrule.Size.SquareMillimetres) : null,
            job.Ends.Of(end.End.Id) is { } landed ? people.GetValueOrDefault(landed.By) : null);
    }

    private static BoardWire Wire(OpenJob job, JobWire wire) => new(
        wire.Id,
        job.Version(wire.Id),
        wire.Name,
        wire.Conductor?.Size.Name ?? "",
        wire.Colour?.ToString() ?? "",
        wire.Colour?.Base,
        wire.Colour?.Stripe,
        wire.Function == WireFunction.Unknown ? "" : wire.Function.Say(),
        wire.CircuitId,
        Place(job, wire.A),
        Place(job, wire.B));

    private static BoardPlace? Place(OpenJob job, JobEnd end) =>
        end.LandingId is { } id ? new(job.Job.Landings[id].EnclosureId, id, JobEndpoints.Place(job, end)) : null;

    private static string Mm2(double size) => FormattableString.Invariant($"{size:0.##} mm²");

    /// <summary>To a hundredth of a millimetre: finer is not seen, and longer to send.</summary>
    private static double Rounded(double mm) => Math.Round(mm, 2);

    private static SceneBox Rounded(SceneBox box) => new(Rounded(box.Left), Rounded(box.Top), Rounded(box.Right), Rounded(box.Bottom));
}
