using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Web.Bench;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>What can be done about an end, looked at and taken.</summary>
internal static class RemedyEndpoints
{
    internal static void MapRemedies(this WebApplication app)
    {
        var remedies = app.MapGroup("/api/jobs/{id:guid}/wires/{wire:guid}/ends/{side}/remedies").WithTags("Board");
        remedies.MapGet("", List).WithSummary("What puts right what was found at an end, each tried before it is offered").ProducesInputProblems().ProducesProblem(StatusCodes.Status404NotFound);
        remedies.MapPost("", Take).WithSummary("Takes one of them, as a command that can be undone").Changes();
    }

    private static async Task<Results<Ok<IReadOnlyList<RemedyDocument>>, ProblemHttpResult>> List(
        Guid id, Guid wire, string side, JobDesk desk, CancellationToken cancellation, string lead = "metric")
    {
        var (which, unitLead) = (QueryWord.Read<EndSide>(side, "side"), BenchEndpoints.LeadOf(lead));
        return await desk.ReadAsync<IReadOnlyList<RemedyDocument>>(
            id, job => End(job, wire, which) is { } end ? [.. EndRemedies.For(job.Judged, end, Guid.CreateVersion7).Select(r => Document(job, end, r, unitLead))] : null, cancellation) is { } found
            ? TypedResults.Ok(found)
            : JobEndpoints.NoJob();
    }

    private static Task<Results<Ok<CommandDone>, ProblemHttpResult>> Take(Guid id, Guid wire, string side, TakeRemedy request, JobDesk desk, CancellationToken cancellation)
    {
        var which = QueryWord.Read<EndSide>(side, "side");
        return JobEndpoints.AnswerAsync(desk.ChangeAsync(
            id,
            request.Id,
            request.PersonId,
            job =>
            {
                // Worked out anew: what is taken is what puts the job right as it is now.
                var remedy = (End(job, wire, which) is { } end ? EndRemedies.For(job.Judged, end, Guid.CreateVersion7) : [])
                    .FirstOrDefault(r => string.Equals(Key(r), request.Key, StringComparison.Ordinal))
                    ?? throw new ImpossibleInputException("key", "That puts nothing right any more: something was changed. Look again.");
                return (remedy.Says, [.. remedy.Changes.Select(c => new PartChange(Written(job, c.After!), null, job.Version(c.Id)))]);
            },
            cancellation));
    }

    private static EndOfWire? End(OpenJob job, Guid wire, EndSide side) => job.Job.Wires.TryGetValue(wire, out var found) && !found.Retired ? new(found, side) : null;

    private static string Key(EndRemedy remedy) => $"{remedy.Id}/{remedy.At}/{remedy.Says}";

    private static RemedyDocument Document(OpenJob job, EndOfWire end, EndRemedy remedy, UnitLead lead)
    {
        var undo = job.Judged.Apply(remedy.Changes).Undo;
        var scene = job.Judged.Plan(end.Wire.Id, end.Side) is { } plan
            ? SceneDocument.Of(EndSection.Of(plan.AtHand, job.Job.Wires[end.Wire.Id][end.Side].Found ?? new AsMade(null, null)), lead)
            : null;
        job.Judged.Apply(undo);
        return new(Key(remedy), remedy.Id, remedy.Says, remedy.At, Difference.Short(remedy.Gone, lead), Difference.Short(remedy.Come, lead), scene);
    }

    /// <summary>A part as it is written, with what a remedy changed; whatever else is written of it stays.</summary>
    private static JobPartDocument Written(OpenJob job, IJobEntity after) => (job.FindPart(after.Id), after) switch
    {
        (WireDocument before, JobWire wire) => before with { A = Written(before.A, wire.A), B = Written(before.B, wire.B) },
        (DeviceDocument before, Device device) => before with { RatingAmps = device.RatingAmps },
        (CircuitDocument before, Circuit circuit) => before with { OcpdAmps = circuit.OcpdAmps },
        (null, _) => PartDocuments.Of(after),
        var (before, _) => throw new ArgumentException($"No remedy changes a {before?.Kind}.", nameof(after)),
    };

    private static EndDocument Written(EndDocument before, JobEnd end) => before with
    {
        LandingId = end.LandingId,
        FreeLengthMm = end.FreeLength?.Millimetres,
        Condition = end.Condition,
        Ferrule = end.Ferrule is null ? null : before.Ferrule,
        SaidBare = end.SaidBare,
        CrimpShape = end.CrimpShape,
    };
}

/// <summary>Something that puts an end right.</summary>
/// <param name="Key">By which it is taken.</param>
/// <param name="Id">What kind of change, such as "move" or "pigtail".</param>
/// <param name="Says">What it does, in the imperative.</param>
/// <param name="At">Where the end lands afterwards; null where it stays.</param>
/// <param name="Gone">What is found no more.</param>
/// <param name="Come">What is found instead.</param>
/// <param name="Section">The end as it will be, drawn; null where it is not known well enough.</param>
public sealed record RemedyDocument(
    string Key, string Id, string Says, Guid? At, IReadOnlyList<FindingInShort> Gone, IReadOnlyList<FindingInShort> Come, SceneDocument? Section);

/// <summary>Takes a remedy.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="Key">Which.</param>
public sealed record TakeRemedy(Guid Id, Guid PersonId, string Key);
