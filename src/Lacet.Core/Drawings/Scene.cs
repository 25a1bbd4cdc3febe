namespace Lacet.Core.Drawings;

/// <summary>A drawing as data: parts in mm, painted in order, without style.</summary>
/// <param name="Parts">The parts, lowest first.</param>
/// <param name="Dimensions">The dimension lines.</param>
/// <param name="Says">What it shows, in a sentence, for those who cannot see it.</param>
public sealed record Scene(
    IReadOnlyList<ScenePart> Parts,
    IReadOnlyList<SceneDimension> Dimensions,
    FormattableString Says
)
{
    /// <summary>The box round all parts and dimension lines, mm.</summary>
    public SceneBox Box =>
        Parts
            .Select(p => p.Box)
            .Concat(Dimensions.Select(d => new SceneBox(d.FromX, d.Y, d.ToX, d.Y)))
            .Aggregate((a, b) => a.With(b));
}
