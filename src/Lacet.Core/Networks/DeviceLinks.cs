using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What a device joins inside: of receptacles, bars, breakers and wall switches by the metal, side and half of its
/// screws (common practice; UL 498, UL 943 and IEC 60947-7-1, from memory), of all others by what is written at them
/// (<see cref="DeviceInside"/>). What is not known to be joined is not: a load joins nothing but its earths.
/// </summary>
public static class DeviceLinks
{
    // Most landings are of blocks, which join nothing: a walk does not look at all of theirs to find that out.

    /// <summary>The other landings of its device that are one piece of metal with a landing.</summary>
    public static IEnumerable<JobLanding> Joined(Job job, JobLanding landing) =>
        landing.Identity.IsEarth()
        || TypeOf(job, landing)
            is DeviceType.EarthBar
                or DeviceType.NeutralBar
                or DeviceType.Receptacle
                or DeviceType.GroundFaultReceptacle
            ? Others(job, landing).Where(o => AreOne(job.Devices[landing.DeviceId!.Value], landing, o))
        : GoesByMarks(job, landing) ? DeviceInside.Across(job, landing, InsideKind.Joined)
        : [];

    /// <summary>
    /// The other landings of its device that a contact joins to a landing while it is closed: the two sides of a switch,
    /// LINE and LOAD of a device with ground-fault protection, feed and load of a breaker’s pole, the contacts of a
    /// contactor.
    /// </summary>
    public static IEnumerable<JobLanding> Contacts(Job job, JobLanding landing) =>
        TypeOf(job, landing) is DeviceType.Switch or DeviceType.GroundFaultReceptacle or DeviceType.Breaker
            ? Others(job, landing).Where(o => Makes(job.Devices[landing.DeviceId!.Value], landing, o))
        : GoesByMarks(job, landing) ? DeviceInside.Across(job, landing, InsideKind.Contact)
        : [];

    private static bool GoesByMarks(Job job, JobLanding landing) => TypeOf(job, landing)?.GoesByMarks() is true;

    private static DeviceType? TypeOf(Job job, JobLanding landing) =>
        landing.DeviceId is { } device ? job.Devices[device].Type : null;

    private static IEnumerable<JobLanding> Others(Job job, JobLanding landing) =>
        landing.DeviceId is { } device ? job.LandingsOf(device).Where(l => l.Id != landing.Id) : [];

    private static bool AreOne(Device device, JobLanding one, JobLanding other)
    {
        if (one.Identity.IsEarth() && other.Identity.IsEarth())
        {
            return true;
        }

        return device.Type switch
        {
            DeviceType.EarthBar or DeviceType.NeutralBar => true,
            DeviceType.Receptacle => (one.Identity.IsHot() && other.Identity.IsHot() && Tab(device.HotTab, one, other))
                || (one.Identity.IsNeutral() && other.Identity.IsNeutral() && Tab(device.NeutralTab, one, other)),
            DeviceType.GroundFaultReceptacle => one.Side == other.Side && IsSamePole(one, other),
            _ => false,
        };
    }

    private static bool Makes(Device device, JobLanding one, JobLanding other) =>
        device.Type switch
        {
            DeviceType.Switch => !one.Identity.IsEarth() && !other.Identity.IsEarth(),
            DeviceType.GroundFaultReceptacle => one.Side != other.Side && IsSamePole(one, other),
            DeviceType.Breaker => one.Side != other.Side
                && one.Side != DeviceSide.None
                && other.Side != DeviceSide.None
                && Pole(device, one) == Pole(device, other),
            _ => false,
        };

    private static bool Tab(BreakOffTab tab, JobLanding one, JobLanding other) =>
        tab != BreakOffTab.Removed || one.Half == other.Half;

    private static bool IsSamePole(JobLanding one, JobLanding other) =>
        (one.Identity.IsHot() && other.Identity.IsHot()) || (one.Identity.IsNeutral() && other.Identity.IsNeutral());

    /// <summary>
    /// The pole that a terminal’s mark names: 1 and 2 are the first, 3 and 4 the second, L1 and T1 the first (IEC
    /// 60947-1 annex L, from memory); all is one pole where nothing is marked.
    /// </summary>
    private static int Pole(Device device, JobLanding landing)
    {
        var mark = landing.MarkOn(device).Split('/')[^1].Trim();
        var isLettered = mark.Length > 0 && char.IsAsciiLetter(mark[0]);
        var number = int.TryParse(
            mark.AsSpan(isLettered ? 1 : 0),
            System.Globalization.NumberStyles.None,
            System.Globalization.CultureInfo.InvariantCulture,
            out var read
        )
            ? read
            : 1;
        return isLettered ? number : (number + 1) / 2;
    }
}
