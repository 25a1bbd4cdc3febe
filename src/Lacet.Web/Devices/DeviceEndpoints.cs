using System.Runtime.CompilerServices;
using System.Threading.Channels;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;
using Lacet.Devices;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Devices;

/// <summary>Tools that are connected, and what they read.</summary>
internal static class DeviceEndpoints
{
    internal static void MapDevices(this WebApplication app)
    {
        var devices = app.MapGroup("/api/devices").WithTags("Devices");
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
            .ProducesInputProblems();
        devices
            .MapPost("/{id}/release", Release)
            .WithSummary("Lets a stand-in go")
            .ProducesProblem(StatusCodes.Status404NotFound);
        app.MapGet(
                "/api/stream",
                (DeviceHub hub, Feed<DeviceEvent> feed, Feed<JobChanged> jobs, IHostApplicationLifetime host) =>
                    TypedResults.ServerSentEvents(StreamAsync(hub, feed, jobs, host.ApplicationStopping))
            )
            .RequireRateLimiting(Limits.Streams)
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

    /// <summary>A browser allows a page few connections: everything that is told comes over one.</summary>
    private static async IAsyncEnumerable<StreamMessage> StreamAsync(
        DeviceHub hub,
        Feed<DeviceEvent> feed,
        Feed<JobChanged> jobs,
        CancellationToken stopping,
        [EnumeratorCancellation] CancellationToken cancellation = default
    )
    {
        // An open page must not keep the server from stopping.
        using var either = CancellationTokenSource.CreateLinkedTokenSource(stopping, cancellation);
        var all = Channel.CreateBounded<StreamMessage>(
            new BoundedChannelOptions(200) { FullMode = BoundedChannelFullMode.DropOldest }
        );
        var pumps = Task.WhenAll(
            PumpAsync(ToolsAsync(hub, feed, either.Token), all.Writer),
            PumpAsync(JobsAsync(jobs, either.Token), all.Writer)
        );
        var ended = pumps.ContinueWith(done => all.Writer.TryComplete(done.Exception), TaskScheduler.Default);
        await foreach (var message in all.Reader.ReadAllAsync(CancellationToken.None))
        {
            yield return message;
        }

        await ended;
    }

    private static async Task PumpAsync(IAsyncEnumerable<StreamMessage> from, ChannelWriter<StreamMessage> to)
    {
        await foreach (var message in from)
        {
            to.TryWrite(message);
        }
    }

    private static async IAsyncEnumerable<StreamMessage> JobsAsync(
        Feed<JobChanged> feed,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        await foreach (var changed in feed.ListenAsync([], cancellation))
        {
            yield return JobMessage.Of(changed);
        }
    }

    private static async IAsyncEnumerable<StreamMessage> ToolsAsync(
        DeviceHub hub,
        Feed<DeviceEvent> feed,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        await foreach (var item in feed.ListenAsync([new DeviceEvent.ToolsChanged(hub.Tools)], cancellation))
        {
            yield return item switch
            {
                DeviceEvent.Read read => new ReadingMessage(read.ToolId, read.Turn, read.Torque.Read(), read.Simulated),
                DeviceEvent.Peaked { Peak: var peak } => new PeakMessage(
                    peak.Id,
                    peak.ToolId,
                    peak.Tool,
                    peak.Torque.Read(),
                    peak.Simulated
                ),
                DeviceEvent.ToolsChanged changed => new ToolsMessage([.. changed.Tools.Select(Document)]),
                _ => throw new InvalidOperationException("There is no message for this event."),
            };
        }
    }

    private static ToolDocument Document(ConnectedTool tool) =>
        new(tool.Identity.Id, tool.Identity.Name, tool.Scale.Read(), tool.Identity.CalibratedOn, tool.Identity.StandIn);
}
