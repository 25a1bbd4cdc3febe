using Lacet.Core.Drawings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Cords;

/// <summary>A cord laid out to find which conductor is which.</summary>
/// <param name="Scene">The drawing.</param>
/// <param name="Conductors">Where each conductor is tapped, mm.</param>
/// <param name="Cues">Where each thing that tells them apart is, mm.</param>
public sealed record CordIdentityDocument(
    SceneDocument Scene,
    IReadOnlyList<ConductorSpot> Conductors,
    IReadOnlyList<CueSpot> Cues
)
{
    internal static CordIdentityDocument Of(CordIdentityDrawing drawing) =>
        new(SceneDocument.Of(drawing.Scene, Lead.Metric.Unit()), drawing.Conductors, drawing.Cues);
}
