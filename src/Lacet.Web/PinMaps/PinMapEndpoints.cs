using Lacet.Core.Drawings;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Web.Http;

namespace Lacet.Web.PinMaps;

/// <summary>
/// Pin maps: checked, tested pin by pin, as CSV. Nothing here is stored; in a job a map is one of its parts.
/// </summary>
internal static class PinMapEndpoints
{
    internal static void MapPinMaps(this WebApplication app)
    {
        var maps = app.MapGroup("/api/pin-maps").WithTags("Pin maps").IsOpen();
        maps.MapGet("/blank", (int speeds) => TypedResults.Ok(PinMapDocument.Of(PinMap.Blank(speeds))))
            .WithSummary("A map to begin with, for a machine of so many speeds")
            .ProducesInputProblems();
        maps.MapPost("/check", (PinMapDocument map, QueryWord<Lead>? lead = null) =>
                TypedResults.Ok(PinMapChecked.Of(map.Read(), lead.Unit()))
            )
            .WithSummary("What is wrong with a pin map, and how it is tested")
            .ProducesInputProblems();
        maps.MapPost("/read", (PinMapText csv) => TypedResults.Ok(PinMapFile.Read(csv.Text)))
            .WithSummary("Reads pins from CSV")
            .ProducesInputProblems();
        maps.MapPost("/write", (PinMapDocument map) => TypedResults.Ok(new PinMapText(PinMapFile.Write(map.Pins))))
            .WithSummary("Writes pins as CSV")
            .ProducesInputProblems();
    }
}

/// <summary>A text of CSV.</summary>
public sealed record PinMapText(string Text);

/// <summary>A pin map, looked over.</summary>
/// <param name="Findings">What was found, the worst first.</param>
/// <param name="Steps">The continuity test, pin by pin; empty as long as the key was not seen.</param>
/// <param name="KeyAbove">The connector with its key above.</param>
/// <param name="KeyBelow">The same the other way round.</param>
public sealed record PinMapChecked(
    IReadOnlyList<FindingDocument> Findings,
    IReadOnlyList<ContinuityStep> Steps,
    ConnectorDocument KeyAbove,
    ConnectorDocument KeyBelow
)
{
    /// <summary>How the machine is fed for the first time; empty as long as anything forbids it.</summary>
    public IReadOnlyList<string> FirstPowerUp { get; init; } = [];

    internal static PinMapChecked Of(PinMap map, ReaderFormat reader) =>
        new(
            [.. PinMapChecks.Of(map).Select(f => FindingDocument.Of(f, reader))],
            ContinuityStep.Of(map),
            ConnectorDocument.Of(ConnectorFace.Of(map.PinCount, map.Rows, turned: false), reader),
            ConnectorDocument.Of(ConnectorFace.Of(map.PinCount, map.Rows, turned: true), reader)
        )
        {
            FirstPowerUp = [.. Core.PinMaps.FirstPowerUp.Of(map).Select(s => s.Said(reader))],
        };
}

/// <summary>A connector’s face.</summary>
/// <param name="Scene">The drawing.</param>
/// <param name="Pins">Where each pin is, mm.</param>
public sealed record ConnectorDocument(SceneDocument Scene, IReadOnlyList<PinSpot> Pins)
{
    internal static ConnectorDocument Of(ConnectorFace face, ReaderFormat reader) =>
        new(SceneDocument.Of(face.Scene, reader), face.Pins);
}
