using Lacet.Core.Drawings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A drawing as it is written in JSON. Paths are SVG path data in mm.</summary>
public sealed record SceneDocument(
    SceneBox Box,
    IReadOnlyList<ScenePartDocument> Parts,
    IReadOnlyList<SceneDimension> Dimensions,
    string Says
)
{
    /// <summary>Renders a scene.</summary>
    public static SceneDocument Of(Scene scene, ReaderFormat reader) =>
        new(
            scene.Box,
            [.. scene.Parts.Select(p => new ScenePartDocument(p.Id, p.Kind, p.Path.Data, p.LineWidth, p.Box))],
            scene.Dimensions,
            scene.Says.Said(reader)
        );
}

/// <summary>A part of a drawing, with the box it fills in mm.</summary>
public sealed record ScenePartDocument(string Id, PartKind Kind, string Path, double? LineWidth, SceneBox Box);
