using Lacet.Core.Drawings;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>
/// Draws the bridges of a device over its slots: a bar with a prong in each terminal that it joins. Where it goes on to
/// another device, its bar goes on to the edge of the room between them.
/// </summary>
internal static class BridgeFigure
{
    private const double Bar = 2.2;
    private const double Prong = 2.4;
    private const double Depth = 4.4;

    /// <summary>How far it stands past a body, on its way to the next.</summary>
    private const double Beyond = 6;

    /// <summary>Above and below the marks of a strip, clear of its screws; at the edge of any other slot.</summary>
    private const double InStrip = 11.2,
        InSlot = 2.4;

    /// <summary>A device with its bridges drawn.</summary>
    internal static BoardDevice With(Job job, BoardDevice device)
    {
        var bridges = device
            .Slots.SelectMany(s => job.BridgesAt(s.LandingId))
            .DistinctBy(b => b.Id)
            .OrderBy(b => b.Order)
            .ThenBy(b => b.Id)
            .ToList();
        if (bridges.Count == 0)
        {
            return device;
        }

        var parts = new List<ScenePart>(device.Parts);
        var drawn = new List<(double From, double To, int Channel)>();
        foreach (var bridge in bridges)
        {
            var slots = device.Slots.Where(s => bridge.Landings.Contains(s.LandingId)).ToList();
            var (from, to) = Reaches(job, device, bridge, slots);
            // Blocks have two channels: a bridge that would lie over another goes into the second.
            var channel = drawn.Exists(d => d.Channel == 0 && d.From < to && from < d.To) ? 1 : 0;
            drawn.Add((from, to, channel));
            var y = Height(device, slots[0].Box, channel);
            parts.AddRange(
                slots.Select(
                    (s, i) =>
                        new ScenePart(
                            $"bridge-{bridge.Id}-{i}",
                            PartKind.Bridge,
                            Rectangle(Middle(s) - (Prong / 2), Middle(s) + (Prong / 2), y, Depth)
                        )
                )
            );
            parts.Add(new($"bridge-{bridge.Id}", PartKind.Bridge, Rectangle(from, to, y, Bar)));
        }

        return device with
        {
            Parts = parts,
        };
    }

    private static double Middle(BoardSlot slot) => (slot.Box.Left + slot.Box.Right) / 2;

    private static ScenePath Rectangle(double left, double right, double y, double height) =>
        ScenePath.Rectangle(left, y - (height / 2), right, y + (height / 2));

    private static (double From, double To) Reaches(
        Job job,
        BoardDevice device,
        JobBridge bridge,
        IReadOnlyList<BoardSlot> here
    )
    {
        var on = job.LandingsOf(bridge);
        var middles = here.Select(Middle).Order().ToList();
        var (from, to) = (middles[0] - (Prong / 2), middles[^1] + (Prong / 2));
        var places = on.Select(l => (Here: here.Any(s => s.LandingId == l.Id), Place: Place(job, l))).ToList();
        var (first, last) = (places.Where(p => p.Here).Min(p => p.Place), places.Where(p => p.Here).Max(p => p.Place));
        return (
            places.Exists(p => !p.Here && p.Place.CompareTo(first) < 0) ? device.Body.Left - Beyond : from,
            places.Exists(p => !p.Here && p.Place.CompareTo(last) > 0) ? device.Body.Right + Beyond : to
        );
    }

    /// <summary>Where a landing stands among all of its enclosure: by its device, then by itself; joints and strips last.</summary>
    private static (int Device, int Landing) Place(Job job, JobLanding landing) =>
        (landing.DeviceId is { } device ? job.Devices[device].Order : int.MaxValue, landing.Order);

    private static double Height(BoardDevice device, SceneBox slot, int channel) =>
        device.Form == DeviceForm.Strip
            ? channel == 0
                ? slot.Top + InStrip
                : slot.Bottom - InStrip
            : (slot.Top + slot.Bottom) / 2 <= (device.Body.Top + device.Body.Bottom) / 2
                ? slot.Top + InSlot
                : slot.Bottom - InSlot;
}
