namespace Lacet.Core.Drawings;

/// <summary>An upright rectangle in mm; y grows downward.</summary>
/// <param name="Left">Least x.</param>
/// <param name="Top">Least y.</param>
/// <param name="Right">Greatest x.</param>
/// <param name="Bottom">Greatest y.</param>
public sealed record SceneBox(double Left, double Top, double Right, double Bottom)
{
    /// <summary>Width in mm.</summary>
    public double Width => Right - Left;

    /// <summary>Height in mm.</summary>
    public double Height => Bottom - Top;

    /// <summary>The smallest box round both.</summary>
    public SceneBox With(SceneBox other) =>
        new(
            Math.Min(Left, other.Left),
            Math.Min(Top, other.Top),
            Math.Max(Right, other.Right),
            Math.Max(Bottom, other.Bottom)
        );

    /// <summary>The box with so much room added on every side.</summary>
    public SceneBox Grown(double by) => new(Left - by, Top - by, Right + by, Bottom + by);

    /// <summary>The box somewhere else.</summary>
    public SceneBox Moved(double dx, double dy) => new(Left + dx, Top + dy, Right + dx, Bottom + dy);
}
