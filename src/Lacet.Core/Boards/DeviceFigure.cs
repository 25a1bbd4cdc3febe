using Lacet.Core.Drawings;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>
/// Draws a device with its top left corner at 0, 0: how people who wire such a device know it. Sizes are those of
/// common devices, in mm; what matters is order, side and proportion.
/// </summary>
internal static class DeviceFigure
{
    /// <summary>The marker that holds the end of a strip, with its name.</summary>
    private const double EndStop = 9;

    private const double StripHeight = 46;
    private const double Pole = 17.5;
    private const double BreakerHeight = 82;

    /// <summary>The devices, or pieces of a device, that a device is drawn as.</summary>
    internal static IEnumerable<BoardDevice> Of(Job job, Device? device, IReadOnlyList<JobLanding> landings) =>
        Bare(job, device, landings).Select(drawn => BridgeFigure.With(job, drawn));

    private static IEnumerable<BoardDevice> Bare(Job job, Device? device, IReadOnlyList<JobLanding> landings) =>
        device?.Type switch
        {
            DeviceType.Breaker => [Breaker(job, device, landings)],
            DeviceType.EarthBar or DeviceType.NeutralBar => [Bar(job, device, landings)],
            DeviceType.Receptacle
            or DeviceType.GroundFaultReceptacle
            or DeviceType.Switch
            or DeviceType.ThreeWaySwitch
            or DeviceType.FourWaySwitch => [FaceFigure.FromBehind(job, device, landings)],
            DeviceType.Plug => [FaceFigure.WiringSide(job, device, landings)],
            DeviceType.Block or null => Strip(job, device, landings),
            DeviceType.Contactor or DeviceType.Relay or DeviceType.OverloadRelay or DeviceType.Isolator =>
            [
                Machine(job, device, landings, [.. landings.Where(l => IsOdd(device, l))]),
            ],
            // A few along the lower edge; many along both.
            _ =>
            [
                Machine(
                    job,
                    device,
                    landings,
                    landings.Count > 6 ? landings.Take((landings.Count + 1) / 2).ToList() : []
                ),
            ],
        };

    /// <summary>Contacts begin above, at odd numbers, and end below, at even ones (EN 50005, from memory); a coil too.</summary>
    private static bool IsOdd(Device device, JobLanding landing) =>
        landing.MarkOn(device).Split('/')[0] is [.., var last] && char.IsAsciiDigit(last) && (last - '0') % 2 == 1;

    /// <summary>A strip goes on below itself where it is longer than a rail.</summary>
    private static IEnumerable<BoardDevice> Strip(Job job, Device? device, IReadOnlyList<JobLanding> landings)
    {
        for (var at = 0; at < landings.Count; )
        {
            var x = EndStop;
            var slots = new List<BoardSlot>();
            var parts = new List<ScenePart>();
            for (; at < landings.Count && x + SlotWidth.Of(landings[at]) <= BoardLayout.MostWidth; at++)
            {
                var box = new SceneBox(x, 0, x + SlotWidth.Of(landings[at]), StripHeight);
                slots.Add(EndsAtSlot.UpAndDown(job, landings[at], landings[at].MarkOn(device), box, box));
                x = box.Right;
            }

            parts.Add(new("body", PartKind.Body, ScenePath.Rectangle(0, 0, x, StripHeight)));
            yield return new(
                device?.Id,
                device?.Name ?? "",
                DeviceForm.Strip,
                new(0, 0, EndStop, StripHeight),
                new(0, 0, x, StripHeight),
                parts,
                slots
            );
        }
    }

    private static BoardDevice Breaker(Job job, Device device, IReadOnlyList<JobLanding> landings)
    {
        // One above and one below make a pole; otherwise every landing is a pole of its own, and its feed comes by the
        // bar.
        var above =
            landings.Count == 2
                ? [landings.FirstOrDefault(l => l.Side == DeviceSide.Line) ?? landings[0]]
                : landings.Where(l => l.Side == DeviceSide.Line).ToList();
        var below = landings.Where(l => !above.Contains(l)).ToList();
        var width = Pole * Math.Max(1, Math.Max(above.Count, below.Count));
        SceneBox At(int i, bool top) =>
            new(i * Pole, top ? 0 : BreakerHeight - 18, (i + 1) * Pole, top ? 18 : BreakerHeight);
        var parts = new List<ScenePart> { new("body", PartKind.Body, ScenePath.Rectangle(0, 0, width, BreakerHeight)) };
        for (var i = 0; i < width / Pole; i++)
        {
            parts.Add(
                new($"toggle-{i}", PartKind.Lever, ScenePath.Rectangle((i * Pole) + 6, 26, (i * Pole) + 11.5, 38))
            );
        }

        return new(
            device.Id,
            device.Name,
            DeviceForm.Breaker,
            new(0, 42, width, 56),
            new(0, 0, width, BreakerHeight),
            parts,
            [
                .. above.Select((l, i) => EndsAtSlot.OneWay(job, l, l.MarkOn(device), At(i, top: true), up: true)),
                .. below.Select((l, i) => EndsAtSlot.OneWay(job, l, l.MarkOn(device), At(i, top: false), up: false)),
            ]
        );
    }

    private static BoardDevice Bar(Job job, Device device, IReadOnlyList<JobLanding> landings)
    {
        const double pitch = 9,
            height = 13,
            label = 22;
        var width = label + (landings.Count * pitch) + 4;
        var kind = device.Type == DeviceType.EarthBar ? PartKind.GreenScrew : PartKind.SilverScrew;
        SceneBox At(int i) => new(label + (i * pitch), 0, label + ((i + 1) * pitch), height);
        return new(
            device.Id,
            device.Name,
            DeviceForm.Bar,
            new(0, 0, label, height),
            new(0, 0, width, height),
            [
                new("body", PartKind.Contact, ScenePath.Rectangle(0, 0, width, height)),
                .. landings.Select(
                    (_, i) =>
                        new ScenePart($"screw-{i}", kind, ScenePath.Circle(At(i).Left + (pitch / 2), height / 2, 3.2))
                ),
            ],
            [.. landings.Select((l, i) => EndsAtSlot.OneWay(job, l, l.MarkOn(device), At(i), up: false))]
        );
    }

    private static BoardDevice Machine(
        Job job,
        Device device,
        IReadOnlyList<JobLanding> landings,
        IReadOnlyList<JobLanding> above
    )
    {
        const double pitch = 8,
            height = 54,
            terminal = 12;
        var below = landings.Where(l => !above.Contains(l)).ToList();
        var width = Math.Max(30, (Math.Max(above.Count, below.Count) * pitch) + 8);
        SceneBox At(int i, bool top) =>
            new(4 + (i * pitch), top ? 0 : height - terminal, 4 + ((i + 1) * pitch), top ? terminal : height);
        return new(
            device.Id,
            device.Name,
            DeviceForm.Machine,
            new(4, 16, width - 4, height - 16),
            new(0, 0, width, height),
            [new("body", PartKind.Body, ScenePath.Rectangle(0, 0, width, height))],
            [
                .. above.Select((l, i) => EndsAtSlot.OneWay(job, l, l.MarkOn(device), At(i, top: true), up: true)),
                .. below.Select((l, i) => EndsAtSlot.OneWay(job, l, l.MarkOn(device), At(i, top: false), up: false)),
            ]
        );
    }

    /// <summary>A splice.</summary>
    internal static BoardDevice Joint(Job job, JobLanding landing)
    {
        const double size = 16;
        var box = new SceneBox(0, 0, size, size);
        return new(
            null,
            landing.Name,
            DeviceForm.Joint,
            box,
            box,
            [new("body", PartKind.Sleeve, ScenePath.Circle(size / 2, size / 2, size / 2))],
            [EndsAtSlot.Round(job, landing, landing.Name, box)]
        );
    }
}
