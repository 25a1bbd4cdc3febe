using Lacet.Core.Drawings;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>The ends at a landing, as stubs that leave it.</summary>
internal static class EndsAtSlot
{
    /// <summary>How far a stub is drawn: room for a name, a size and a function in print.</summary>
    internal const double Length = 38;

    private const int MostSideBySide = 3;
    private const int MostRound = 8;

    /// <summary>
    /// Stubs of a slot on a rail: up to what is in the same enclosure, down to what is outside, as panels are wired:
    /// field wires come from below.
    /// </summary>
    internal static BoardSlot UpAndDown(Job job, JobLanding landing, string mark, SceneBox box, SceneBox body)
    {
        var ends = job.EndsAt(landing.Id);
        var (up, down) = (
            ends.Where(e => IsInside(job, e, landing.EnclosureId)).ToList(),
            ends.Where(e => !IsInside(job, e, landing.EnclosureId)).ToList()
        );
        return Slot(
            landing,
            mark,
            box,
            [.. Level(up, box, body.Top, -Length), .. Level(down, box, body.Bottom, Length)],
            ends.Count
        );
    }

    /// <summary>Stubs that all leave upward or all downward.</summary>
    internal static BoardSlot OneWay(Job job, JobLanding landing, string mark, SceneBox box, bool up)
    {
        var ends = job.EndsAt(landing.Id);
        return Slot(landing, mark, box, Level(ends, box, up ? box.Top : box.Bottom, up ? -Length : Length), ends.Count);
    }

    /// <summary>Stubs that leave sideways, one above the other.</summary>
    internal static BoardSlot Sideways(Job job, JobLanding landing, string mark, SceneBox box, bool left)
    {
        var ends = job.EndsAt(landing.Id);
        var shown = ends.Take(MostSideBySide).ToList();
        var (from, to) = left ? (box.Left, box.Left - Length) : (box.Right, box.Right + Length);
        return Slot(
            landing,
            mark,
            box,
            shown
                .Select((e, i) => (e, Y: box.Top + (box.Height * (i + 1) / (shown.Count + 1))))
                .Select(s => new BoardStub(s.e.Wire.Id, s.e.Side, from, s.Y, to, s.Y)),
            ends.Count
        );
    }

    /// <summary>Stubs that leave along one ray from a centre, side by side.</summary>
    internal static BoardSlot Along(Job job, JobLanding landing, string mark, SceneBox box, double degrees)
    {
        var ends = job.EndsAt(landing.Id);
        var (x, y) = (box.Left + (box.Width / 2), box.Top + (box.Height / 2));
        var shown = ends.Take(MostSideBySide).ToList();
        var (cos, sin) = (Math.Cos(degrees * Math.PI / 180), Math.Sin(degrees * Math.PI / 180));
        return Slot(
            landing,
            mark,
            box,
            shown.Select(
                (e, i) =>
                {
                    // Beside each other, across the ray.
                    var off = (i - ((shown.Count - 1) / 2.0)) * 4;
                    var (sx, sy) = (x - (off * sin), y + (off * cos));
                    return new BoardStub(
                        e.Wire.Id,
                        e.Side,
                        sx + (cos * box.Width / 2),
                        sy + (sin * box.Width / 2),
                        sx + (cos * ((box.Width / 2) + Length)),
                        sy + (sin * ((box.Width / 2) + Length))
                    );
                }
            ),
            ends.Count
        );
    }

    /// <summary>Stubs that leave a joint in all directions, the first to the left.</summary>
    internal static BoardSlot Round(Job job, JobLanding landing, string mark, SceneBox box)
    {
        var ends = job.EndsAt(landing.Id);
        var shown = ends.Take(MostRound).ToList();
        var (x, y, r) = (box.Left + (box.Width / 2), box.Top + (box.Height / 2), box.Width / 2);
        return Slot(
            landing,
            mark,
            box,
            shown.Select(
                (e, i) =>
                {
                    var angle = Math.PI + (2 * Math.PI * i / shown.Count);
                    var (cos, sin) = (Math.Cos(angle), Math.Sin(angle));
                    return new BoardStub(
                        e.Wire.Id,
                        e.Side,
                        x + (r * cos),
                        y + (r * sin),
                        x + ((r + Length) * cos),
                        y + ((r + Length) * sin)
                    );
                }
            ),
            ends.Count
        );
    }

    private static IEnumerable<BoardStub> Level(IReadOnlyList<EndOfWire> ends, SceneBox box, double y, double by)
    {
        var shown = ends.Take(MostSideBySide).ToList();
        return shown
            .Select((e, i) => (e, X: box.Left + (box.Width * (i + 1) / (shown.Count + 1))))
            .Select(s => new BoardStub(s.e.Wire.Id, s.e.Side, s.X, y, s.X, y + by));
    }

    private static BoardSlot Slot(JobLanding landing, string mark, SceneBox box, IEnumerable<BoardStub> stubs, int all)
    {
        var drawn = stubs.ToList();
        return new(landing.Id, mark, box, drawn, all - drawn.Count);
    }

    private static bool IsInside(Job job, EndOfWire end, Guid enclosure)
    {
        var other = end.Side == EndSide.A ? end.Wire.B : end.Wire.A;
        return other.LandingId is { } at && job.Landings[at].EnclosureId == enclosure;
    }
}
