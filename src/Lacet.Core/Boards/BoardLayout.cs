using Lacet.Core.Drawings;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>
/// An enclosure as it stands: its devices on their rails in their real order, and every end in its slot. Computed from
/// order and widths alone, so the same job is always drawn the same.
/// </summary>
/// <param name="EnclosureId">Which.</param>
/// <param name="Box">All of it, mm.</param>
/// <param name="Rails">Top to bottom.</param>
public sealed record BoardLayout(Guid EnclosureId, SceneBox Box, IReadOnlyList<BoardRail> Rails)
{
    /// <summary>A rail goes on below itself past this, mm: so wide are large panels.</summary>
    internal const double MostWidth = 520;

    private const double Apart = 12,
        Between = 10,
        Margin = 14;

    /// <summary>
    /// Lays out an enclosure of a job. Throws <see cref="KeyNotFoundException"/> where there is no such enclosure.
    /// </summary>
    public static BoardLayout Of(Job job, Guid enclosure) =>
        Of(job, enclosure, (_, draw) => draw(), (device, dx, dy) => device.Moved(dx, dy));

    /// <summary>Lays out an enclosure with figures that may be kept by their key, and stand where they stood.</summary>
    internal static BoardLayout Of(
        Job job,
        Guid enclosure,
        Func<Guid, Func<IEnumerable<BoardDevice>>, IEnumerable<BoardDevice>> figure,
        Func<BoardDevice, double, double, BoardDevice> stand
    )
    {
        _ = job.Enclosures[enclosure];
        var rails = new List<BoardRail>();
        var (kind, standing, y) = (RailKind.Rail, new List<BoardDevice>(), Margin);
        foreach (var device in Devices(job, enclosure, figure))
        {
            var on = KindOf(device.Form);
            if (standing.Count > 0 && (on != kind || WidthOf(standing, device) > MostWidth + EndsAtSlot.Length))
            {
                y = Stand(rails, kind, standing, y, stand);
            }

            kind = on;
            standing.Add(device);
        }

        Stand(rails, kind, standing, y, stand);
        var box =
            rails.Count == 0
                ? new SceneBox(0, 0, 200, 80)
                : rails.Select(r => r.Box).Aggregate((a, b) => a.With(b)).Grown(Margin);
        return new(enclosure, box, rails);
    }

    /// <summary>
    /// What a landing is drawn with: its device; itself, where it is a joint; or the strip of what belongs to no
    /// device.
    /// </summary>
    internal static Guid FigureOf(JobLanding landing) =>
        landing.Splice is not null ? landing.Id : landing.DeviceId ?? Guid.Empty;

    /// <summary>Devices in their order; then landings of no device in a strip, and joints.</summary>
    private static IEnumerable<BoardDevice> Devices(
        Job job,
        Guid enclosure,
        Func<Guid, Func<IEnumerable<BoardDevice>>, IEnumerable<BoardDevice>> figure
    )
    {
        var landings = job.LandingsIn(enclosure).ToLookup(FigureOf);
        foreach (var device in job.DevicesIn(enclosure).OrderBy(d => d.Order).ThenBy(d => d.Id))
        {
            foreach (var drawn in figure(device.Id, () => DeviceFigure.Of(job, device, [.. landings[device.Id]])))
            {
                yield return drawn;
            }
        }

        foreach (var drawn in figure(Guid.Empty, () => DeviceFigure.Of(job, null, [.. landings[Guid.Empty]])))
        {
            yield return drawn;
        }

        foreach (var joint in job.LandingsIn(enclosure).Where(l => l.Splice is not null))
        {
            foreach (var drawn in figure(joint.Id, () => [DeviceFigure.Joint(job, joint)]))
            {
                yield return drawn;
            }
        }
    }

    private static RailKind KindOf(DeviceForm form) =>
        form switch
        {
            DeviceForm.Strip or DeviceForm.Breaker or DeviceForm.Machine => RailKind.Rail,
            DeviceForm.Bar => RailKind.Back,
            DeviceForm.Joint => RailKind.Loose,
            _ => RailKind.Front,
        };

    private static double WidthOf(List<BoardDevice> standing, BoardDevice next) =>
        standing.Append(next).Sum(d => d.Room.Width + Apart);

    /// <summary>
    /// Stands devices side by side, the middles of their bodies on one line; gives where the next rail begins.
    /// </summary>
    private static double Stand(
        List<BoardRail> rails,
        RailKind kind,
        List<BoardDevice> standing,
        double top,
        Func<BoardDevice, double, double, BoardDevice> stand
    )
    {
        if (standing.Count == 0)
        {
            return top;
        }

        static double Middle(BoardDevice device) => (device.Body.Top + device.Body.Bottom) / 2;
        var line = top + standing.Max(d => Middle(d) - d.Room.Top);
        var x = Margin;
        var placed = new List<BoardDevice>();
        foreach (var device in standing)
        {
            placed.Add(stand(device, x - device.Room.Left, line - Middle(device)));
            x += device.Room.Width + Apart;
        }

        var box = placed.Select(d => d.Room).Aggregate((a, b) => a.With(b));
        rails.Add(new(kind, box, placed));
        standing.Clear();
        return box.Bottom + Between;
    }
}
