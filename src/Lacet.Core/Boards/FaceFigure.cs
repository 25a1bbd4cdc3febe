using Lacet.Core.Drawings;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>Devices that are known by which side their screws are on.</summary>
internal static class FaceFigure
{
    private const double Screw = 10;

    /// <summary>
    /// A receptacle or switch as its wires come to it, from behind and with its earth below: brass to the left, silver
    /// to the right, since from the front it is the other way round (UL 498 and its wide slot on the left, from
    /// memory).
    /// </summary>
    internal static BoardDevice FromBehind(Job job, Device device, IReadOnlyList<JobLanding> landings)
    {
        var (left, right, below) = Sides(device, landings);
        var height = Math.Max(66, Math.Max(left.Count, right.Count) * (Screw + 4));
        var width = Math.Max(40, (below.Count * (Screw + 3)) + 6);
        var parts = new List<ScenePart> { new("body", PartKind.Body, ScenePath.Rectangle(0, 0, width, height)) };
        if (device.IsReceptacle)
        {
            for (var i = 0; i < Math.Clamp(device.Outlets, 1, 2); i++)
            {
                var y = height * (i + 1) / (Math.Clamp(device.Outlets, 1, 2) + 1);
                parts.Add(new($"outlet-{i}", PartKind.Opening, ScenePath.Circle(width / 2, y, 8)));
            }
        }

        var slots = new List<BoardSlot>();
        Place(left, x: 0);
        Place(right, x: width);
        for (var i = 0; i < below.Count; i++)
        {
            var x = width * (i + 1) / (below.Count + 1);
            slots.Add(EndsAtSlot.OneWay(job, below[i], below[i].MarkOn(device), Around(x, height), up: false));
            parts.Add(ScrewOf(below[i], x, height));
        }

        Tab(parts, device.HotTab, left, 0, height);
        Tab(parts, device.NeutralTab, right, width, height);
        return new(
            device.Id,
            device.Name,
            DeviceForm.FromBehind,
            new(8, (height / 2) - 6, width - 8, (height / 2) + 6),
            new(0, 0, width, height),
            parts,
            InOrder(landings, slots)
        );

        void Place(List<JobLanding> side, double x)
        {
            for (var i = 0; i < side.Count; i++)
            {
                var y = height * (i + 1) / (side.Count + 1);
                slots.Add(EndsAtSlot.Sideways(job, side[i], side[i].MarkOn(device), Around(x, y), left: x == 0));
                parts.Add(ScrewOf(side[i], x, y));
            }
        }
    }

    /// <summary>
    /// A plug or connector from the side that is wired, its earth below: as the face of the receptacle that it goes
    /// into, so silver to the left and brass to the right. Pins that are marked for nothing stand clockwise from the
    /// key on top.
    /// </summary>
    internal static BoardDevice WiringSide(Job job, Device device, IReadOnlyList<JobLanding> landings)
    {
        var radius = Math.Max(24, landings.Count * (Screw + 2) / (2 * Math.PI) / 0.6);
        var plain = landings.Where(l => l.Identity == TerminalIdentity.None).ToList();
        var parts = new List<ScenePart>
        {
            new("body", PartKind.Body, ScenePath.Circle(radius, radius, radius)),
            new("key", PartKind.Opening, ScenePath.Rectangle(radius - 4, 0, radius + 4, 3)),
        };
        var slots = new List<BoardSlot>();
        foreach (
            var (alike, middle) in new[]
            {
                (landings.Where(l => l.Identity.IsHot()).ToList(), 0),
                (landings.Where(l => l.Identity.IsNeutral()).ToList(), 180),
                (landings.Where(l => l.Identity.IsEarth()).ToList(), 90),
            }
        )
        {
            for (var i = 0; i < alike.Count; i++)
            {
                Pin(alike[i], middle + ((i - ((alike.Count - 1) / 2.0)) * 40));
            }
        }

        for (var i = 0; i < plain.Count; i++)
        {
            // Beside marked ones, the others share the upper half.
            Pin(
                plain[i],
                plain.Count == landings.Count
                    ? -90 + (360.0 * (i + 0.5) / plain.Count)
                    : 180 + (180.0 * (i + 1) / (plain.Count + 1))
            );
        }

        return new(
            device.Id,
            device.Name,
            DeviceForm.WiringSide,
            new(radius - 10, radius - 5, radius + 10, radius + 5),
            new(0, 0, 2 * radius, 2 * radius),
            parts,
            InOrder(landings, slots)
        );

        void Pin(JobLanding landing, double degrees)
        {
            var (x, y) = (
                radius + (0.66 * radius * Math.Cos(degrees * Math.PI / 180)),
                radius + (0.66 * radius * Math.Sin(degrees * Math.PI / 180))
            );
            slots.Add(EndsAtSlot.Along(job, landing, landing.MarkOn(device), Around(x, y), degrees));
            parts.Add(ScrewOf(landing, x, y));
        }
    }

    /// <summary>
    /// Brass left, silver right, green and whatever is marked for nothing below; a switch has all but its earth on one
    /// side.
    /// </summary>
    private static (List<JobLanding> Left, List<JobLanding> Right, List<JobLanding> Below) Sides(
        Device device,
        IReadOnlyList<JobLanding> landings
    )
    {
        var sorted = landings
            .OrderBy(l =>
                l.Side switch
                {
                    DeviceSide.Line => 0,
                    DeviceSide.None => 1,
                    _ => 2,
                }
            )
            .ThenBy(l =>
                l.Half switch
                {
                    DeviceHalf.Upper => 0,
                    DeviceHalf.None => 1,
                    _ => 2,
                }
            )
            .ThenBy(l => l.Order)
            .ToList();
        var left = sorted.FindAll(l =>
            l.Identity.IsHot() || (device.Type == DeviceType.Switch && l.Identity == TerminalIdentity.None)
        );
        var right = sorted.FindAll(l => l.Identity.IsNeutral());
        return (left, right, sorted.FindAll(l => !left.Contains(l) && !right.Contains(l)));
    }

    /// <summary>The tab joins the two screws of its side until it is broken off.</summary>
    private static void Tab(List<ScenePart> parts, BreakOffTab tab, List<JobLanding> side, double x, double height)
    {
        if (side.Count == 2 && side.TrueForAll(l => l.Half != DeviceHalf.None) && tab == BreakOffTab.Intact)
        {
            parts.Add(
                new(
                    $"tab-{(x == 0 ? "hot" : "neutral")}",
                    PartKind.Plate,
                    ScenePath.Rectangle(x - 1.5, (height / 3) + 6, x + 1.5, (height * 2 / 3) - 6)
                )
            );
        }
    }

    private static ScenePart ScrewOf(JobLanding landing, double x, double y) =>
        new(
            $"screw-{landing.Id:N}",
            landing.Identity switch
            {
                TerminalIdentity.Brass => PartKind.BrassScrew,
                TerminalIdentity.Silver => PartKind.SilverScrew,
                TerminalIdentity.Green => PartKind.GreenScrew,
                _ => PartKind.ScrewThread,
            },
            ScenePath.Circle(x, y, 4)
        );

    private static SceneBox Around(double x, double y) =>
        new(x - (Screw / 2), y - (Screw / 2), x + (Screw / 2), y + (Screw / 2));

    private static List<BoardSlot> InOrder(IReadOnlyList<JobLanding> landings, List<BoardSlot> slots) =>
        [.. landings.Select(l => slots.First(s => s.LandingId == l.Id))];
}
