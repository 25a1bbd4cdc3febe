namespace Lacet.Core.Drawings;

/// <summary>A named part of a drawing.</summary>
/// <param name="Id">Unique in the scene, such as "insulation" or "landed-hook".</param>
/// <param name="Kind">What it is.</param>
/// <param name="Path">Its outline, or its middle line where <paramref name="LineWidth"/> is given.</param>
/// <param name="LineWidth">Width of the line in mm; null for an outline that is filled.</param>
public sealed record ScenePart(string Id, PartKind Kind, ScenePath Path, double? LineWidth = null)
{
    /// <summary>The box it fills, mm.</summary>
    public SceneBox Box => LineWidth is { } width ? Path.Box.Grown(width / 2) : Path.Box;
}
