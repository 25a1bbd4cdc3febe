using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// Behind a switch something uses what it switches: where nothing does, what should be there may be always live.
/// </summary>
public sealed class SwitchSwitchesNothing : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "wire.function", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "switch-switches-nothing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.IsSwitch())
        {
            return null;
        }

        var wired = job.LandingsOf(subject.Id)
            .Where(l => !l.Identity.IsEarth() && job.EndsAt(l.Id).Any(e => !e.Wire.Retired && e.Wire.Function.IsHot()))
            .Select(l => (Landing: l, Reached: new NetworkWalk(job, throughContacts: true, [subject.Id]).From(l)))
            .ToList();
        var behind = wired.FindAll(w => !w.Reached.Any(r => IsFeed(job, r)));
        // Both sides must be there: with one of them missing that is what is wrong.
        return
            wired.Count < 2
            || behind.Count is 0
            || behind.Count == wired.Count
            || behind.Exists(w => w.Reached.Any(r => Uses(job, subject, r)))
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"What {subject.Name} switches leads to no lamp, outlet or machine: what it should switch has no supply, or is always live.",
                $"Follow the switched wire, and look whether the lamp was put to the line beside it.",
                "common practice",
                RestsOn
            )
            {
                Way = behind[0].Reached[^1].Way.Stops,
            };
    }

    private static bool IsFeed(Job job, Reached reached) =>
        reached.Landing is { DeviceId: { } id } && job.Devices[id].Type == DeviceType.Breaker;

    /// <summary>Or may: what goes on out of the job, or to what nobody said.</summary>
    private static bool Uses(Job job, Device subject, Reached reached) =>
        reached.Landing is not { } at
        || (at.DeviceId != subject.Id && at.Splice is null && (at.DeviceId is not { } id || IsUse(job.Devices[id])));

    private static bool IsUse(Device device) =>
        device.IsReceptacle
        || device.Type.UsesCurrent()
        || device.Type is DeviceType.Plug or DeviceType.Block or DeviceType.Other;
}
