using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A device that asks for an earth and has none.</summary>
public sealed class EarthMissing : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["landing.identity", "landing.ends"];

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
        var green = landings.Where(l => l.Identity.IsEarth()).ToList();
        var live = landings.Exists(l => job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()));
        return green.Count == 0 || !live || green.Exists(l => job.EndsAt(l.Id).Count > 0)
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{subject.Name} has no earth: nothing ends at its {(green[0].Identity == TerminalIdentity.Green ? "green screw" : "earth terminal")}, and a fault makes what is plugged in or mounted there live.",
                $"Is its raceway metal, whole, and tested? Then bond to the box. Else bring an earth, or take a way of the code: ground-fault protection, labelled; never the neutral.",
                "NEC 250.118, 250.146, 406.4(D) (from memory)",
                RestsOn
            );
    }
}
