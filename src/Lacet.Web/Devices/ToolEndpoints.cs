using Lacet.Core.People;
using Lacet.Devices;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Tools;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Devices;

/// <summary>Tools that are paired, and those to be.</summary>
internal static class ToolEndpoints
{
    internal static void MapTools(this WebApplication app)
    {
        var tools = app.MapGroup("/api/tools").WithTags("Devices").Needs(Right.Pair);
        tools.MapGet("", List).WithSummary("Paired tools");
        tools.MapPost("", Add).WithSummary("Pairs a tool; its token is shown this once").ProducesInputProblems();
        tools
            .MapDelete("/{id:guid}", Remove)
            .WithSummary("Unpairs a tool, and ends its connection")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<List<PairedToolDocument>>> List(PairedTools tools, DeviceHub hub, PeopleTable people)
    {
        var names = await people.NamesAsync();
        return TypedResults.Ok(
            (await tools.AllAsync()).ConvertAll(t => Document(t, hub, names.GetValueOrDefault(t.PairedBy, "")))
        );
    }

    private static async Task<Ok<ToolPaired>> Add(
        NewTool request,
        PairedTools tools,
        DeviceHub hub,
        Caller caller,
        CancellationToken cancellation
    )
    {
        var port = hub.Listening.IsCompletedSuccessfully ? (await hub.Listening).Port : (int?)null;
        var (tool, token) = await tools.AddAsync(request.Name, request.StandIn, caller.Person, cancellation);
        return TypedResults.Ok(new ToolPaired(Document(tool, hub, caller.Who.Name), token, port));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        Guid id,
        PairedTools tools,
        DeviceHub hub,
        CancellationToken cancellation
    )
    {
        if (!await tools.RemoveAsync(id, cancellation))
        {
            return Answers.Missing("There is no such tool.");
        }

        await hub.CloseAsync(id);
        return TypedResults.NoContent();
    }

    private static PairedToolDocument Document(ToolRow tool, DeviceHub hub, string by) =>
        new(
            tool.Id,
            tool.Name,
            tool.Serial,
            tool.StandIn,
            hub.Tools.Any(t => t.Paired.Id == tool.Id),
            by,
            tool.PairedAt
        );
}

/// <summary>A tool that is to be paired.</summary>
/// <param name="Name">What people call it; 1 to 60 characters. It stands in every record.</param>
/// <param name="StandIn">Whether it only stands in for a tool: then all its readings are simulated, for good.</param>
public sealed record NewTool(string Name, bool StandIn = false);

/// <summary>A tool that was paired.</summary>
/// <param name="Tool">It.</param>
/// <param name="Token">What the tool opens with; shown this once.</param>
/// <param name="Port">Where it connects, on this machine; null where no port could be opened.</param>
public sealed record ToolPaired(PairedToolDocument Tool, string Token, int? Port);

/// <summary>A tool that a lead paired.</summary>
/// <param name="Id">Which.</param>
/// <param name="Name">What people call it.</param>
/// <param name="Serial">What it said of itself when it first came; null where it never came.</param>
/// <param name="StandIn">Whether it only stands in for a tool.</param>
/// <param name="Connected">Whether it is connected now.</param>
/// <param name="PairedBy">Who paired it.</param>
/// <param name="PairedAt">When.</param>
public sealed record PairedToolDocument(
    Guid Id,
    string Name,
    string? Serial,
    bool StandIn,
    bool Connected,
    string PairedBy,
    DateTimeOffset PairedAt
);
