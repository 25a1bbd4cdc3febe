using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// Two terminals of one device that it keeps apart are joined outside it: poles of a breaker, its feed and its load, LINE
/// and LOAD, lines of a machine, the ends of a coil, the two sides of a contact.
/// </summary>
public sealed class PolesJoined : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "device.inside",
        "landing.name",
        "landing.side",
        "landing.identity",
        "landing.ends",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "poles-joined";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type == DeviceType.Block)
        {
            return null;
        }

        var landings = job.LandingsOf(subject.Id).ToList();
        IEnumerable<IReadOnlyList<JobLanding>> apart = subject.Type switch
        {
            DeviceType.Breaker => [landings],
            DeviceType.GroundFaultReceptacle =>
            [
                landings.FindAll(l => l.Identity.IsHot() && IsFirstOfItsSide(landings, l)),
                landings.FindAll(l => l.Identity.IsNeutral() && IsFirstOfItsSide(landings, l)),
            ],
            _ => KeptApart(job, subject, landings),
        };
        return apart.Select(poles => Joined(job, subject, poles)).FirstOrDefault(f => f is not null);
    }

    /// <summary>
    /// Of what takes current its lines by their identity, and by what is written at them the ends of one coil, winding,
    /// input or output, and the two sides of one contact.
    /// </summary>
    private static IEnumerable<IReadOnlyList<JobLanding>> KeptApart(
        Job job,
        Device device,
        List<JobLanding> landings
    ) =>
        new[] { InsideKind.Load, InsideKind.Supply, InsideKind.Contact }
            .SelectMany(kind => DeviceInside.Pairs(job, device, kind))
            .Select(pair => (IReadOnlyList<JobLanding>)[pair.One, pair.Other])
            .Prepend(device.Type.UsesCurrent() ? landings.FindAll(l => l.Identity.IsHot()) : []);

    private Finding? Joined(Job job, Device subject, IReadOnlyList<JobLanding> poles)
    {
        foreach (var pole in poles.Where(p => job.IsConnected(p) || PinsOfMap.Across(job, p).Any()))
        {
            var other = new NetworkWalk(job, throughContacts: false)
                .From(pole)
                .FirstOrDefault(r =>
                    r.Landing is { } at
                    && at.Id != pole.Id
                    && poles.Any(p => p.Id == at.Id)
                    && !AreInSeries(job, pole, at)
                );
            if (other is not null)
            {
                return new Finding(
                    Id,
                    Severity.Stop,
                    $"{pole.Name} and {other.Landing!.Name} of {subject.Name} are joined outside it: a dead short, or what stands between them does nothing.",
                    $"Follow both from terminal to terminal, and take the one off that is at its neighbour’s.",
                    "common practice",
                    RestsOn
                )
                {
                    Way = other.Way.Stops,
                };
            }
        }

        return null;
    }

    /// <summary>
    /// A pole is put behind another where all are to carry current and the circuit has fewer lines than the breaker has
    /// poles: then nothing else feeds it (IEC 60947-4-1 motor starters, from memory; common practice).
    /// </summary>
    private static bool AreInSeries(Job job, JobLanding one, JobLanding other)
    {
        if (job.Devices[one.DeviceId!.Value].Type != DeviceType.Breaker || one.Side == other.Side)
        {
            return false;
        }

        var (line, load) = one.Side == DeviceSide.Line ? (one, other) : (other, one);
        return !DeviceLinks.Contacts(job, load).Contains(line)
            && job.EndsAt(line.Id) is [{ Other.LandingId: { } from } jumper]
            && from == load.Id
            && (jumper.Wire.CircuitId is not { } circuit || job.Circuits[circuit].Phases == 1);
    }

    /// <summary>The screws of one side are one inside; one of them stands for all.</summary>
    private static bool IsFirstOfItsSide(List<JobLanding> all, JobLanding landing) =>
        all.Find(l => l.Side == landing.Side && l.Identity == landing.Identity)?.Id == landing.Id;
}
