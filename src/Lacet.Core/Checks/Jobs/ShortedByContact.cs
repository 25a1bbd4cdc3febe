using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>No contact alone joins the two sides of a supply: closed, it would be a dead short.</summary>
public sealed class ShortedByContact : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "device.inside",
        "landing.ends",
        "landing.name",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "shorted-by-contact";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        foreach (var (one, other) in DeviceInside.Pairs(job, subject, InsideKind.Supply))
        {
            var joined = new NetworkWalk(job, throughContacts: true)
                .From(one)
                .FirstOrDefault(r => r.Landing?.Id == other.Id);
            if (joined is not null && Contacts(job, joined.Way) is { Count: > 0 } contacts && CanBe(job, contacts))
            {
                return Found(
                    $"{one.Name} and {other.Name} are joined as soon as {Names(job, contacts)} closed: a dead short, with no coil or lamp between them.",
                    joined.Way.Stops
                );
            }
        }

        return null;
    }

    /// <summary>The contacts on a way, each by its two landings.</summary>
    private static List<(JobLanding One, JobLanding Other)> Contacts(Job job, Way way) =>
        [
            .. way
                .Stops.Zip(way.Stops.Skip(1))
                .Where(p => p is { First.LandingId: not null, Second.LandingId: not null })
                .Select(p => (job.Landings[p.First.LandingId!.Value], job.Landings[p.Second.LandingId!.Value]))
                .Where(p => DeviceLinks.Contacts(job, p.Item1).Any(c => c.Id == p.Item2.Id)),
        ];

    /// <summary>
    /// Whether all of them may be closed at once: of two coils one may lock the other out, and one coil opens what is
    /// closed at rest as it closes what is not.
    /// </summary>
    private static bool CanBe(Job job, List<(JobLanding One, JobLanding Other)> contacts)
    {
        var byCoil = contacts
            .Where(c => job.Devices[c.One.DeviceId!.Value].Type is DeviceType.Contactor or DeviceType.Relay)
            .ToList();
        var operated = byCoil
            .Where(c => !DeviceInside.IsClosedAtRest(job, c.One, c.Other))
            .Select(c => c.One.DeviceId)
            .Distinct()
            .ToList();
        return operated.Count == 0
            || (
                operated.Count == 1
                && !byCoil.Exists(c =>
                    DeviceInside.IsClosedAtRest(job, c.One, c.Other) && c.One.DeviceId == operated[0]
                )
            );
    }

    private static string Names(Job job, List<(JobLanding One, JobLanding Other)> contacts)
    {
        var names = contacts
            .Select(c => job.Devices[c.One.DeviceId!.Value].Name)
            .Distinct(StringComparer.Ordinal)
            .ToList();
        return $"{string.Join(", ", names)} {(names.Count == 1 ? "is" : "are")}";
    }

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Follow both sides of the supply to the contact, and look what should stand between them.",
            "common practice",
            RestsOn
        )
        {
            Way = way,
        };
}
