using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A device that asks for an earth and has none.</summary>
public sealed class EarthMissing : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["landing.identity", "landing.ends", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "earth-missing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        var landings = job.LandingsOf(subject.Id).ToList();
        var green = landings.FindAll(l => l.Identity.IsEarth());
        if (green.Count == 0)
        {
            return null;
        }

        var live = landings.Exists(l => job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()));
        var brought = green.FindAll(job.IsConnected);
        // What else is on an earth terminal is another mistake, and found so.
        var onlyEarths = brought.TrueForAll(l => job.EndsAt(l.Id).All(e => e.Wire.Function == WireFunction.Earth));
        if (IsEarthed(subject) && brought.Count > 0 && onlyEarths && !brought.Exists(l => IsBrought(job, l)))
        {
            return Found(
                $"The earth of {subject.Name} leads to no bar: a fault makes what is plugged in or mounted there live.",
                new NetworkWalk(job, throughContacts: true).From(brought[0])[^1].Way.Stops
            );
        }

        return !live || brought.Count > 0
            ? null
            : Found(
                $"{subject.Name} has no earth: nothing ends at its {new Term(green[0].Identity == TerminalIdentity.Green ? "green screw" : "earth terminal")}, and a fault makes what is plugged in or mounted there live.",
                []
            );
    }

    /// <summary>From a bar; or from where nobody can say, while nothing else is on the same metal.</summary>
    private static bool IsBrought(Job job, JobLanding landing)
    {
        var sources = Sources.Of(job, landing);
        return sources.Of(job, DeviceType.EarthBar).Any()
            || (sources.Any && Trace.Of(job, landing, throughContacts: false).Says.All(p => p is Potential.Earth));
    }

    /// <summary>What gets its earth from elsewhere; a plug gives it, and a bar is where it comes from.</summary>
    private static bool IsEarthed(Device device) =>
        device.IsReceptacle || device.Type.IsSwitch() || device.Type.UsesCurrent();

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Is its raceway metal, whole, and tested? Then bond to the box. Else bring an earth, or take a way of the code: ground-fault protection, labelled; never the neutral.",
            "NEC 250.118, 250.146, 406.4(D) (from memory)",
            RestsOn
        )
        {
            Way = way,
        };
}
