using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Recipes;
using Lacet.Core.Rework;
using Lacet.Web.Bench;
using Lacet.Web.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Rework;

/// <summary>Ends that something is wrong with: left, put right, or cut back. Nothing here is stored.</summary>
internal static class ReworkEndpoints
{
    internal static void MapRework(this WebApplication app)
    {
        app.MapPost("/api/rework/assess", (ReworkRequest request) => TypedResults.Ok(ReworkDocument.Of(request.Read(), HouseRules.Default, BenchEndpoints.Of(request.Lead))))
            .WithTags("Rework").WithSummary("Whether an end may stay as it was made, and what is lost of it").ProducesInputProblems();
        app.MapPost("/api/jobs/{id:guid}/wires/{wire:guid}/ends/{side}/rework", InJob)
            .WithTags("Rework").WithSummary("The same at an end of a job, by its wire, landing and house rules").ProducesInputProblems().ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Ok<ReworkDocument>, ProblemHttpResult>> InJob(
        Guid id, Guid wire, string side, FaultsFound found, JobDesk desk, CancellationToken cancellation, string lead = "metric")
    {
        var (which, unitLead) = (QueryWord.Read<EndSide>(side, "side"), BenchEndpoints.LeadOf(lead));
        return await desk.ReadAsync(
            id, job => job.Job.Wires.TryGetValue(wire, out var of) && !of.Retired ? ReworkDocument.Of(Spoiled(job, new(of, which), found), job.Job.Title.Rules, unitLead) : null, cancellation) is { } assessed
            ? TypedResults.Ok(assessed)
            : JobEndpoints.NoJob();
    }

    /// <summary>An end of a job with what is wrong with it. Throws <see cref="Core.Quantities.ImpossibleInputException"/> where its wire is not known.</summary>
    internal static SpoiledEnd Spoiled(OpenJob job, EndOfWire end, FaultsFound found)
    {
        var landing = end.End.LandingId is { } at ? job.Job.Landings[at] : null;
        return new(
            end.Wire.Conductor ?? throw new Core.Quantities.ImpossibleInputException("subject", "The size of that wire is not known: set it in the job first."),
            found.Read(),
            job.Job.Title.Rules.StrandLoss)
        {
            InLug = landing?.Landing is { } known && SpoiledEnd.IsLug(known.Kind),
            InHook = landing?.Landing is { } screwed && SpoiledEnd.IsHook(screwed.Kind),
            Strip = job.Judged.Plan(end.Wire.Id, end.Side) is { } plan ? RecipeBook.For(plan.AtHand).Strip?.Target : null,
            Free = end.End.FreeLength,
            PastOpening = end.End.PastOpening,
            Opening = landing is null ? null : job.Job.Enclosures[landing.EnclosureId].Opening,
        };
    }
}
