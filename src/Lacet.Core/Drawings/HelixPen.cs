namespace Lacet.Core.Drawings;

/// <summary>
/// Draws wires that run round an axis, seen from the side: what is behind first, what is in front last.
/// </summary>
internal static class HelixPen
{
    private const int StepsATurn = 16;

    /// <summary>
    /// A wire round a horizontal axis, from one place along it to another, its middle at a radius, in pieces: those
    /// behind the axis, and those before it. A pitch below nothing winds it the other way.
    /// </summary>
    internal static (IReadOnlyList<ScenePart> Behind, IReadOnlyList<ScenePart> Before) Wind(
        string id,
        PartKind kind,
        double fromX,
        double toX,
        double axisY,
        double radius,
        double pitch,
        double width,
        double phase = 0
    )
    {
        var (behind, before) = (new List<ScenePart>(), new List<ScenePart>());
        var turns = Math.Abs((toX - fromX) / pitch);
        var steps = Math.Max(2, (int)Math.Ceiling(turns * StepsATurn));
        var hand = Math.Sign(pitch) * Math.Sign(toX - fromX);
        (double X, double Y, bool Front) At(int step)
        {
            var angle = phase + (hand * 2 * Math.PI * turns * step / steps);
            return (
                fromX + ((toX - fromX) * step / steps),
                axisY - (radius * Math.Cos(angle)),
                Math.Sin(angle) >= -1e-9
            );
        }

        // A piece ends where the wire goes behind the axis, or comes out from behind it.
        var (path, front, count) = (new ScenePath().MoveTo(At(0).X, At(0).Y), At(1).Front, 0);
        for (var step = 1; step <= steps; step++)
        {
            var (x, y, isFront) = At(step);
            path.LineTo(x, y);
            if (isFront != front || step == steps)
            {
                (front ? before : behind).Add(
                    new ScenePart(FormattableString.Invariant($"{id}-{count++}"), kind, path, width)
                );
                (path, front) = (new ScenePath().MoveTo(x, y), isFront);
            }
        }

        return (behind, before);
    }

    /// <summary>Several wires twisted round each other, clockwise as seen from their tips.</summary>
    internal static void Twist(
        Sheet sheet,
        string id,
        PartKind kind,
        int wires,
        double fromX,
        double toX,
        double axisY,
        double radius,
        double pitch,
        double width
    )
    {
        var wound = Enumerable
            .Range(0, wires)
            .Select(i => Wind($"{id}-{i + 1}", kind, fromX, toX, axisY, radius, pitch, width, 2 * Math.PI * i / wires))
            .ToList();
        wound.ForEach(w => sheet.Parts.AddRange(w.Behind));
        wound.ForEach(w => sheet.Parts.AddRange(w.Before));
    }
}
