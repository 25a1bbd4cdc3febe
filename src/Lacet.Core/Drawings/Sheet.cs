using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>A drawing in the making: parts in the order they are painted, and dimension lines.</summary>
internal sealed class Sheet
{
    internal List<ScenePart> Parts { get; } = [];

    internal List<SceneDimension> Dimensions { get; } = [];

    internal double Top => Parts.Min(p => p.Box.Top);

    internal double Right => Parts.Max(p => p.Box.Right);

    internal double Left => Parts.Min(p => p.Box.Left);

    internal double Bottom => Parts.Max(p => p.Box.Bottom);

    internal void Add(string id, PartKind kind, ScenePath path, double? lineWidth = null) =>
        Parts.Add(new ScenePart(id, kind, path, lineWidth));

    internal void Box(string id, PartKind kind, double left, double top, double right, double bottom) =>
        Add(id, kind, ScenePath.Rectangle(left, top, right, bottom));

    internal void Dimension(string id, double fromX, double toX, double y, double partY, Length label) =>
        Dimensions.Add(new SceneDimension(id, fromX, toX, y, partY, label.Read()));

    /// <summary>A measure that a wire is cut or a jacket is taken to, said as the hand works to it.</summary>
    internal void DimensionOfCut(string id, double fromX, double toX, double y, double partY, Length label) =>
        Dimensions.Add(new SceneDimension(id, fromX, toX, y, partY, label.ReadCut()));

    /// <summary>Puts another drawing on this one, moved.</summary>
    internal void Put(Sheet other, double dx, double dy)
    {
        Parts.AddRange(other.Parts.Select(p => p with { Path = p.Path.Moved(dx, dy) }));
        Dimensions.AddRange(
            other.Dimensions.Select(d =>
                d with
                {
                    FromX = d.FromX + dx,
                    ToX = d.ToX + dx,
                    Y = d.Y + dy,
                    PartY = d.PartY + dy,
                }
            )
        );
    }
}
