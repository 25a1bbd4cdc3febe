using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;
using Lacet.Devices;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Devices;

/// <summary>Tools that are connected, and what they read.</summary>
internal static class DeviceEndpoints
{
    internal static void MapDevices(this WebApplication app)
    {
        var devices = app.MapGroup("/api/devices").WithTags("Devices").Needs(Right.Read);
        devices
            .MapGet("", (DeviceHub hub) => TypedResults.Ok(hub.Tools.Select(Document).ToList()))
            .WithSummary("Connected tools");
        devices
            .MapGet("/{id}/fitness", Fitness)
            .WithSummary("Whether a tool suits a torque")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesInputProblems();
        devices
            .MapPost("/{id}/hold", Hold)
            .WithSummary("Turns a stand-in")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesInputProblems()
            .Needs(Right.Record);
        devices
            .MapPost("/{id}/release", Release)
            .WithSummary("Lets a stand-in go")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.Record);
        app.MapGet("/api/stream", (PageStream stream, Caller caller, IHostApplicationLifetime host) =>
                TypedResults.ServerSentEvents(stream.ReadAsync(caller.Who, host.ApplicationStopping))
            )
            .RequireRateLimiting(Limits.Streams)
            .Needs(Right.Read)
            .WithTags("Devices")
            .WithSummary("One stream a page: tools, readings, peaks, jobs that were changed")
            .Produces<StreamMessage>(StatusCodes.Status200OK, "text/event-stream");
    }

    private static Results<Ok<FitnessDocument>, ProblemHttpResult> Fitness(
        string id,
        double targetNm,
        DeviceHub hub,
        TimeProvider time,
        QueryWord<Lead>? lead = null
    )
    {
        var torque = Checked(targetNm);
        if (hub.Tools.FirstOrDefault(t => string.Equals(t.Identity.Id, id, StringComparison.Ordinal)) is not { } tool)
        {
            return NoTool();
        }

        var today = DateOnly.FromDateTime(time.GetUtcNow().UtcDateTime);
        var problem = ToolFitness.Problem(tool.Scale, torque)
            ?? ToolFitness.CalibrationProblem(tool.Identity.CalibratedOn, tool.Identity.CyclesSinceCalibration, today);
        return TypedResults.Ok(new FitnessDocument(problem is null, problem?.ToString(lead.Unit())));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Hold(
        string id,
        HoldRequest request,
        DeviceHub hub,
        CancellationToken cancellation
    ) => await hub.TurnAsync(id, Checked(request.TargetNm), cancellation) ? TypedResults.NoContent() : NoTool();

    private static async Task<Results<NoContent, ProblemHttpResult>> Release(
        string id,
        DeviceHub hub,
        CancellationToken cancellation
    ) => await hub.TurnAsync(id, null, cancellation) ? TypedResults.NoContent() : NoTool();

    private static Torque Checked(double targetNm) =>
        targetNm is > 0 and <= 100
            ? new Torque(targetNm)
            : throw new ImpossibleInputException("targetNm", "The torque must be more than 0 and at most 100 N·m.");

    private static ProblemHttpResult NoTool() =>
        TypedResults.Problem(
            "No such tool is connected, or it turns by hand only.",
            statusCode: StatusCodes.Status404NotFound
        );

    internal static ToolDocument Document(ConnectedTool tool) =>
        new(tool.Identity.Id, tool.Paired.Name, tool.Scale.Read(), tool.Identity.CalibratedOn, tool.Paired.IsStandIn);
}
