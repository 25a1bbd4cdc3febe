using Lacet.Core.Jobs;
using Lacet.Core.Reference;

namespace Lacet.Core.Networks;

/// <summary>
/// What a device has between its terminals by what is written at them: its own data where somebody gave some, else what
/// is usual for its type (the table "device-inside").
/// </summary>
public static class DeviceInside
{
    private static readonly ILookup<DeviceType, InsideLink> Usual = ReferenceTable
        .Rows<DeviceInsideRow>("device-inside")
        .SelectMany(Written)
        .ToLookup(row => row.Type, row => new InsideLink(row.Inside, row.One, row.Other));

    /// <summary>What it has inside, by marks.</summary>
    public static IEnumerable<InsideLink> Of(Device device) => device.Inside ?? Usual[device.Type];

    /// <summary>The other landings of its device that something of a kind stands between it and.</summary>
    public static IEnumerable<JobLanding> Across(Job job, JobLanding landing, InsideKind kind)
    {
        if (landing.DeviceId is not { } id)
        {
            return [];
        }

        var device = job.Devices[id];
        var marks = Marks(device, landing);
        var others = Of(device)
            .Where(l => l.Kind == kind)
            .Select(l =>
                Is(marks, l.One) ? l.Other
                : Is(marks, l.Other) ? l.One
                : null
            )
            .OfType<string>()
            .ToList();
        return others.Count == 0
            ? []
            : job.LandingsOf(id)
                .Where(l => l.Id != landing.Id && Marks(device, l) is var at && others.Exists(o => Is(at, o)));
    }

    /// <summary>Whether a supply of its own begins at a landing.</summary>
    public static bool IsOutput(Job job, JobLanding landing) =>
        landing.DeviceId is { } id
        && job.Devices[id] is { } device
        && device.Type.IsSupply()
        && Has(device, landing, InsideKind.Supply);

    /// <summary>
    /// The landings at which a device takes its current: of a contactor its coil, of a supply its input; of what does
    /// not go by marks, all.
    /// </summary>
    public static IEnumerable<JobLanding> Inputs(Job job, Device device) =>
        job.LandingsOf(device.Id)
            .Where(l =>
                !device.Type.GoesByMarks()
                || device.Type == DeviceType.Motor
                || l.Identity.IsEarth()
                || Has(device, l, InsideKind.Load)
            );

    /// <summary>Pairs of its landings between which something of a kind stands, each once.</summary>
    public static IEnumerable<(JobLanding One, JobLanding Other)> Pairs(Job job, Device device, InsideKind kind)
    {
        // A strip of blocks has nothing inside, and very many landings.
        var links = Of(device).Where(l => l.Kind == kind).ToList();
        if (links.Count == 0)
        {
            return [];
        }

        var landings = job.LandingsOf(device.Id).Select(l => (Landing: l, Marks: Marks(device, l))).ToList();
        return links
            .Where(l => !IsHalf(landings.Select(m => m.Marks), l))
            .SelectMany(l =>
                from one in landings
                where Is(one.Marks, l.One)
                from other in landings
                where one.Landing.Id != other.Landing.Id && Is(other.Marks, l.Other)
                select (one.Landing, other.Landing)
            );
    }

    /// <summary>
    /// Whether what it joins to a landing is known: of a device that goes by marks, what is written there must be one
    /// of those.
    /// </summary>
    public static bool IsKnown(Device device, JobLanding landing) =>
        !device.Type.GoesByMarks()
        || device.Type == DeviceType.Motor
        || landing.Identity.IsEarth()
        || IsEarthMark(Marks(device, landing))
        || Of(device).Any(l => Marks(device, landing) is var marks && (Is(marks, l.One) || Is(marks, l.Other)));

    /// <summary>
    /// Whether the contact between two landings of a device is closed while nothing is operated: by their last digits,
    /// 1 and 2 or 5 and 6 (EN 50005, from memory). What a hand has switched on is closed, a wall switch may be either.
    /// </summary>
    public static bool IsClosedAtRest(Job job, JobLanding one, JobLanding other)
    {
        var device = job.Devices[one.DeviceId!.Value];
        return device.Type switch
        {
            DeviceType.Isolator or DeviceType.GroundFaultReceptacle => true,
            DeviceType.OverloadRelay => LastDigit(device, one) is not (7 or 8),
            DeviceType.Contactor or DeviceType.Relay or DeviceType.ControlSwitch or DeviceType.Other => (
                LastDigit(device, one),
                LastDigit(device, other)
            )
                is
                    (1, 2)
                    or
                    (2, 1)
                    or
                    (5, 6)
                    or
                    (6, 5),
            _ => false,
        };
    }

    /// <summary>The last digit of a contact’s mark of two digits, which tells what it does; null of others.</summary>
    private static int? LastDigit(Device device, JobLanding landing) =>
        Marks(device, landing)
            .Where(m => m.Length == 2 && m.All(char.IsAsciiDigit))
            .Select(m => (int?)(m[1] - '0'))
            .FirstOrDefault();

    /// <summary>Whether a mark of a landing is one of these.</summary>
    internal static bool IsMarked(Device device, JobLanding landing, params string[] marks) =>
        Marks(device, landing) is var written && marks.Any(m => Is(written, m));

    /// <summary>Whether it is plus of an output; the mark of an output begins with its sign.</summary>
    internal static bool IsPlus(Device device, JobLanding landing) => Marks(device, landing) is [['+', ..], ..];

    private static bool Has(Device device, JobLanding landing, InsideKind kind) =>
        Marks(device, landing) is var marks
        && Of(device).Any(l => l.Kind == kind && (Is(marks, l.One) || Is(marks, l.Other)));

    /// <summary>Where a winding has four leads its inner two may be bridged, so only its outer two are its ends.</summary>
    private static bool IsHalf(IEnumerable<string[]> all, InsideLink link) =>
        link is { One: "H1", Other: "H2" } or { One: "X1", Other: "X2" }
        && all.Any(marks => Is(marks, link.Other[..1] + "4"));

    /// <summary>What is written at a landing, and what its identity is written as; "1/L1" is either.</summary>
    private static string[] Marks(Device device, JobLanding landing) =>
        [
            .. Plain(landing.MarkOn(device)).Split('/', StringSplitOptions.TrimEntries),
            .. landing.Identity switch
            {
                TerminalIdentity.Line1 => (string[])["L", "L1"],
                TerminalIdentity.Line2 => ["L2"],
                TerminalIdentity.Line3 => ["L3"],
                TerminalIdentity.Neutral => ["N"],
                TerminalIdentity.Green or TerminalIdentity.Earth => [],
                _ => ByMetal(device, landing),
            },
        ];

    /// <summary>
    /// Wall switches without numbers: of a three-way switch the travellers are brass and the common is dark, of a
    /// four-way switch one pair is brass and the other dark (common practice).
    /// </summary>
    private static string[] ByMetal(Device device, JobLanding landing) =>
        (device.Type, landing.Identity) switch
        {
            (DeviceType.ThreeWaySwitch or DeviceType.FourWaySwitch, _)
                when Usual[device.Type].Any(l => IsWritten(device, landing, l)) => [],
            (DeviceType.ThreeWaySwitch, TerminalIdentity.Brass) => ["1", "2"],
            (DeviceType.ThreeWaySwitch, _) => ["COM"],
            (DeviceType.FourWaySwitch, TerminalIdentity.Brass) => ["1", "2"],
            (DeviceType.FourWaySwitch, _) => ["3", "4"],
            _ => [],
        };

    private static bool IsWritten(Device device, JobLanding landing, InsideLink link) =>
        Plain(landing.MarkOn(device)) is var mark
        && (
            string.Equals(mark, link.One, StringComparison.OrdinalIgnoreCase)
            || string.Equals(mark, link.Other, StringComparison.OrdinalIgnoreCase)
        );

    private static bool IsEarthMark(string[] marks) => Is(marks, "PE") || Is(marks, "E");

    private static bool Is(string[] marks, string mark) =>
        Array.Exists(marks, m => string.Equals(m, Plain(mark), StringComparison.OrdinalIgnoreCase));

    private static string Plain(string mark) => mark.Trim().Replace('−', '-');

    private static IEnumerable<DeviceInsideRow> Written(DeviceInsideRow row) =>
        row.One[0] != 'n'
            ? [row]
            : Enumerable
                .Range(1, 9)
                .Select(n => row with { One = $"{n}{row.One[1..]}", Other = $"{n}{row.Other[1..]}" });
}
