using Lacet.Core.Checks.End;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <content>What is found about one subject.</content>
public sealed partial class JudgedJob
{
    /// <summary>What is found about a subject; null where nothing is, as about most.</summary>
    private List<JobFinding>? Found(Subject subject)
    {
        List<JobFinding>? found = null;
        switch (subject.Scope)
        {
            case CheckScope.End when _ends.ContainsKey((subject.Id, subject.Side)):
                OfEnd(subject, (subject.Id, subject.Side), ref found);
                break;
            case CheckScope.Wire when Job.Wires.TryGetValue(subject.Id, out var wire) && !wire.Retired:
                OfEnd(subject, (wire.Id, EndSide.A), ref found);
                OfEnd(subject, (wire.Id, EndSide.B), ref found);
                All(subject, JobChecks.Wires, wire, ref found);
                break;
            case CheckScope.Landing when Job.Landings.TryGetValue(subject.Id, out var landing):
                OfLanding(subject, landing, ref found);
                All(subject, JobChecks.Landings, landing, ref found);
                Joined(subject, landing, ref found);
                break;
            case CheckScope.Device when Job.Devices.TryGetValue(subject.Id, out var device):
                foreach (var of in Job.LandingsOf(device.Id))
                {
                    OfLanding(subject, of, ref found);
                }

                All(subject, JobChecks.Devices, device, ref found);
                break;
            case CheckScope.Circuit when Job.Circuits.TryGetValue(subject.Id, out var circuit):
                All(subject, JobChecks.Circuits, circuit, ref found);
                break;
            case CheckScope.Enclosure when Job.Enclosures.TryGetValue(subject.Id, out var enclosure):
                All(subject, JobChecks.Enclosures, enclosure, ref found);
                break;
            case CheckScope.Cord when Job.Cords.TryGetValue(subject.Id, out var cord):
                All(subject, JobChecks.Cords, cord, ref found);
                break;
            case CheckScope.PinMap when Job.PinMaps.TryGetValue(subject.Id, out var map):
                // As about ends: each kind is said once, by the first pin that shows it; the map itself says them all.
                foreach (var finding in PinMapChecks.Of(map.Map).DistinctBy(f => f.Check, StringComparer.Ordinal))
                {
                    (found ??= []).Add(new(subject, finding));
                }

                All(subject, JobChecks.PinMaps, map, ref found);
                break;
            case CheckScope.Cable when Job.Cables.TryGetValue(subject.Id, out var cable):
                All(subject, JobChecks.Cables, cable, ref found);
                Together(subject, Job.WiresIn(cable.Id), ref found);
                break;
            case CheckScope.Run when subject.Run is { } run:
                Together(subject, Job.WiresRunning(run).ToList(), ref found);
                break;
        }

        return found;
    }

    /// <summary>Wires in one raceway, or in one jacket.</summary>
    private void Together(Subject subject, IReadOnlyList<JobWire> wires, ref List<JobFinding>? found)
    {
        if (wires.Count > 0)
        {
            var name = subject.Run is null ? Job.Cables[subject.Id].Name : wires.MinBy(w => (w.Order, w.Id))!.Run!;
            All(subject, JobChecks.Runs, new RunOfWires(name, wires), ref found);
        }
    }

    private void OfLanding(Subject subject, JobLanding landing, ref List<JobFinding>? found)
    {
        foreach (var end in Job.EndsAt(landing.Id))
        {
            OfEnd(
                subject,
                (end.Wire.Id, end.Side),
                ref found,
                alone: subject.Scope == CheckScope.Landing && landing.DeviceId is null
            );
        }
    }

    /// <summary>
    /// Each check is said once about a subject, by the first end that shows it. A landing without a device stands for
    /// one.
    /// </summary>
    private void OfEnd(Subject subject, (Guid, EndSide) end, ref List<JobFinding>? found, bool alone = false)
    {
        foreach (var (scope, finding) in _ends[end].Found)
        {
            if (
                (scope == subject.Scope || (alone && scope == CheckScope.Device))
                && found?.Exists(f => string.Equals(f.Finding.Check, finding.Check, StringComparison.Ordinal))
                    is not true
            )
            {
                (found ??= []).Add(new(subject, finding));
            }
        }
    }

    private void Joined(Subject subject, JobLanding landing, ref List<JobFinding>? found)
    {
        if (Contradiction.At(Job, landing) is not { } joined)
        {
            return;
        }

        foreach (var check in JobChecks.Joined)
        {
            if (check.Judge(Job, landing, joined) is { } finding)
            {
                (found ??= []).Add(new(subject, finding with { Harm = check.Harm }));
            }
        }
    }

    private void All<T>(Subject subject, IReadOnlyList<IJobCheck<T>> checks, T of, ref List<JobFinding>? found)
    {
        foreach (var check in checks)
        {
            if (check.Judge(Job, of) is { } finding)
            {
                (found ??= []).Add(new(subject, finding with { Harm = check.Harm }));
            }
        }
    }
}
