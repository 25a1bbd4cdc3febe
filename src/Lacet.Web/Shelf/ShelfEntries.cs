using System.Text.Json;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Shelf;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Shelf;

namespace Lacet.Web.Shelf;

/// <summary>Items between the store, the wire and the Bench.</summary>
internal sealed class ShelfEntries(TimeProvider time)
{
    /// <summary>The change that puts an item on the Shelf.</summary>
    internal static ShelfEdit Edit(ShelfItemDocument item, Guid? id = null, long? version = null)
    {
        item = item with { Code = item.Code.Trim(), Name = item.Name.Trim() };
        var kind = item is LandingItem { Landing: var landing } ? landing.Read().SaidAs : "";
        return new(id, item.Kind, item.Code, Body(item), $"{item.Code} {item.Name} {item.Note} {kind}", version);
    }

    /// <summary>An item's data as it is stored; a landing knows nothing of the Shelf it lies on.</summary>
    internal static string Body(ShelfItemDocument item) =>
        JsonSerializer.Serialize(
            item is LandingItem landing
                ? landing with
                {
                    Landing = landing.Landing with { Id = null, Trust = null },
                }
                : item,
            Json.Options
        );

    private static string Say(Landing landing) =>
        landing is PrintedLanding printed
            ? FormattableString.Invariant(
                $"{landing.SaidAs}, {printed.LeastMm2:0.##} to {printed.MostMm2:0.##} mm², strip {printed.StripDepth.Millimetres:0.#} mm"
            )
            : landing.SaidAs;

    private static string Say(DeviceItem device) =>
        string.Join(
            ", ",
            new[]
            {
                device.Type.DisplayName().InWords(ReaderWords.Region),
                device.RatedVolts is { } volts
                    ? FormattableString.Invariant($"{volts:0.#} V{Current(device.RatedCurrent)}")
                    : null,
                device.GivesVolts is { } gives ? FormattableString.Invariant($"gives {gives:0.#} V") : null,
                device.Inside is { Count: var count } ? $"{count} pairs of terminals said" : null,
            }.OfType<string>()
        );

    private static string Current(CurrentKind kind) =>
        kind switch
        {
            CurrentKind.Ac => " AC",
            CurrentKind.Dc => " DC",
            _ => "",
        };

    internal ShelfEntry Entry(ShelfItemRow row)
    {
        var item = ShelfLandings.Read(row);
        var (says, drawing) = item switch
        {
            LandingItem { Landing: var document } when document.Read() is var landing => (
                Say(landing),
                SceneDocument.Of(LandingSketch.WithUsualEnd(landing), Lead.Metric.Unit())
            ),
            ConductorItem { Conductor: var document } when document.Read() is var conductor => (
                $"{conductor}",
                SceneDocument.Of(CrossSection.Of(conductor), Lead.Metric.Unit())
            ),
            FerruleItem ferrules => (FormattableString.Invariant($"{string.Join(", ", ferrules.SizesMm2)} mm²"), null),
            ConnectorItem connector => (
                FormattableString.Invariant(
                    $"{connector.LeastCount} to {connector.MostCount} conductors, {connector.LeastMm2} to {connector.MostMm2} mm²{(connector.Sealed ? ", sealed" : "")}"
                ),
                null
            ),
            DeviceItem device => (Say(device), null),
            ToolItem { ScaleNm: { } scale, CalibratedOn: { } day } => (
                $"to {new Torque(scale)}, calibrated {day:yyyy-MM-dd}",
                null
            ),
            ToolItem { ScaleNm: { } scale } => ($"to {new Torque(scale)}, never calibrated", null),
            ToolItem tool => (
                FormattableString.Invariant($"{tool.Tool}, {tool.LeastMm2} to {tool.MostMm2} mm²").ToLowerInvariant(),
                (SceneDocument?)null
            ),
            _ => ("", null),
        };
        var problem = item is ToolItem { CalibratedOn: { } calibrated } driver
            ? ToolFitness.CalibrationProblem(
                calibrated,
                driver.CyclesSinceCalibration,
                DateOnly.FromDateTime(time.GetUtcNow().UtcDateTime)
            )
            : null;
        return new ShelfEntry(row.Id, row.Version, item, says, drawing, problem?.Said(Lead.Metric.Unit()));
    }
}
