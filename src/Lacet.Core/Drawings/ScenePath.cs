using System.Globalization;
using System.Text;

namespace Lacet.Core.Drawings;

/// <summary>
/// An outline or a line in mm, with the box it fills. Its text is SVG path data, a published notation.
/// </summary>
public sealed class ScenePath
{
    private readonly List<Stroke> _strokes = [];
    private SceneBox? _box;

    /// <summary>SVG path data, mm, to a thousandth.</summary>
    public string Data
    {
        get
        {
            var data = new StringBuilder();
            foreach (var (command, x, y, radius, isLarge) in _strokes)
            {
                _ = command switch
                {
                    'A' => data.Append(
                        CultureInfo.InvariantCulture,
                        $"A{N(radius)} {N(radius)} 0 {(isLarge ? 1 : 0)} 1 {N(x)} {N(y)}"
                    ),
                    'Z' => data.Append('Z'),
                    _ => data.Append(CultureInfo.InvariantCulture, $"{command}{N(x)} {N(y)}"),
                };
            }

            return data.ToString();
        }
    }

    /// <summary>The box round the path, without the width of a line.</summary>
    public SceneBox Box => _box ?? throw new InvalidOperationException("A path that goes nowhere has no box.");

    /// <summary>An upright rectangle.</summary>
    public static ScenePath Rectangle(double left, double top, double right, double bottom) =>
        new ScenePath().MoveTo(left, top).LineTo(right, top).LineTo(right, bottom).LineTo(left, bottom).Close();

    /// <summary>A circle.</summary>
    public static ScenePath Circle(double x, double y, double radius) =>
        new ScenePath().MoveTo(x - radius, y).Arc(x, y, radius, 180, 180).Arc(x, y, radius, 0, 180).Close();

    /// <summary>Starts at a point.</summary>
    public ScenePath MoveTo(double x, double y) => Go('M', x, y);

    /// <summary>A straight line to a point.</summary>
    public ScenePath LineTo(double x, double y) => Go('L', x, y);

    /// <summary>
    /// An arc round a centre, clockwise as seen, from an angle (degrees, 0 to the right, growing clockwise) through so
    /// many degrees. Where the path is not at the arc's start yet, a straight line leads there.
    /// </summary>
    public ScenePath Arc(double centreX, double centreY, double radius, double fromDegrees, double throughDegrees)
    {
        (double X, double Y) At(double degrees) =>
            (
                centreX + (radius * Math.Cos(degrees * Math.PI / 180)),
                centreY + (radius * Math.Sin(degrees * Math.PI / 180))
            );
        var start = At(fromDegrees);
        if (_box is null)
        {
            MoveTo(start.X, start.Y);
        }
        else if (Math.Abs(start.X - _strokes[^1].X) > 1e-6 || Math.Abs(start.Y - _strokes[^1].Y) > 1e-6)
        {
            LineTo(start.X, start.Y);
        }

        // The box takes in every quarter point that the arc passes.
        for (var quarter = Math.Ceiling(fromDegrees / 90) * 90; quarter <= fromDegrees + throughDegrees; quarter += 90)
        {
            var (qx, qy) = At(quarter);
            Include(qx, qy);
        }

        var end = At(fromDegrees + throughDegrees);
        _strokes.Add(new('A', end.X, end.Y, radius, throughDegrees > 180));
        Include(end.X, end.Y);
        return this;
    }

    /// <summary>Back to the start.</summary>
    public ScenePath Close()
    {
        _strokes.Add(new('Z', 0, 0, 0, IsLarge: false));
        return this;
    }

    /// <summary>The same outline somewhere else.</summary>
    public ScenePath Moved(double dx, double dy)
    {
        var moved = new ScenePath { _box = new(Box.Left + dx, Box.Top + dy, Box.Right + dx, Box.Bottom + dy) };
        moved._strokes.AddRange(_strokes.Select(s => s with { X = s.X + dx, Y = s.Y + dy }));
        return moved;
    }

    private static double N(double value) => Math.Round(value, 3) + 0.0;

    private ScenePath Go(char command, double x, double y)
    {
        _strokes.Add(new(command, x, y, 0, IsLarge: false));
        Include(x, y);
        return this;
    }

    private void Include(double x, double y)
    {
        var point = new SceneBox(x, y, x, y);
        _box = _box is null ? point : _box.With(point);
    }

    /// <summary>
    /// One command of the notation: where it ends, and for an arc its radius and whether it is the longer way.
    /// </summary>
    private readonly record struct Stroke(char Command, double X, double Y, double Radius, bool IsLarge);
}
