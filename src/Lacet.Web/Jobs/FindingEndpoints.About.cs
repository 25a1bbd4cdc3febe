using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <content>What a finding is about, as a page shows it.</content>
internal static partial class FindingEndpoints
{
    private static AboutDocument About(JobSession job, Subject subject)
    {
        var whole = job.Job;
        return subject.Scope switch
        {
            CheckScope.End when whole.Wires[subject.Id] is var wire => new(
                subject.Scope,
                $"wire {wire.Name} at {job.Job.PlaceOf(wire[subject.Side])}",
                wire.Id,
                subject.Side,
                wire[subject.Side].LandingId,
                null,
                wire.CircuitId
            ),
            CheckScope.Wire when whole.Wires[subject.Id] is var wire => new(
                subject.Scope,
                $"wire {wire.Name}",
                wire.Id,
                Drawable(job, wire),
                wire.A.LandingId ?? wire.B.LandingId,
                null,
                wire.CircuitId
            ),
            CheckScope.Landing when whole.Landings[subject.Id] is var landing => AtLandings(
                job,
                subject,
                landing.EnclosureId,
                landing.Name,
                [landing],
                landing.DeviceId
            ),
            CheckScope.Device when whole.Devices[subject.Id] is var device => AtLandings(
                job,
                subject,
                device.EnclosureId,
                device.Name,
                whole.LandingsOf(device.Id),
                device.Id
            ),
            CheckScope.Enclosure when whole.Enclosures[subject.Id] is var enclosure => Kept(
                enclosure.Name,
                whole.LandingsIn(enclosure.Id).FirstOrDefault()?.Id
            ),
            CheckScope.Cord => Kept($"cord {whole.Cords[subject.Id].Name}"),
            CheckScope.PinMap => Kept($"pin map {whole.PinMaps[subject.Id].Map.Name}"),
            _ => OfSeveral(job, subject),
        };

        AboutDocument Kept(string name, Guid? landing = null) =>
            new(subject.Scope, name, null, null, landing, null, null, KeptId: subject.Id);
    }

    /// <summary>What is about several wires as a whole.</summary>
    private static AboutDocument OfSeveral(JobSession job, Subject subject)
    {
        var whole = job.Job;
        return subject.Scope switch
        {
            CheckScope.Circuit when whole.Circuits[subject.Id] is var circuit => OfWires(
                job,
                subject,
                $"circuit {circuit.Name}",
                whole.WiresOf(circuit.Id),
                circuit.Id
            ),
            CheckScope.Cable when whole.Cables[subject.Id] is var cable => OfWires(
                job,
                subject,
                $"cable {cable.Name}",
                whole.WiresIn(cable.Id),
                null
            ),
            _ => OfWires(job, subject, $"run {subject.Run}", whole.WiresRunning(subject.Run!), null),
        };
    }

    private static AboutDocument AtLandings(
        JobSession job,
        Subject subject,
        Guid enclosure,
        string name,
        IEnumerable<JobLanding> landings,
        Guid? device
    )
    {
        var end = landings.SelectMany(l => job.Job.EndsAt(l.Id)).Select(e => (EndOfWire?)e).FirstOrDefault();
        return new(
            subject.Scope,
            $"{job.Job.Enclosures[enclosure].Name}/{name}",
            end?.Wire.Id,
            end?.Side,
            end?.End.LandingId ?? landings.FirstOrDefault()?.Id,
            device,
            end?.Wire.CircuitId
        );
    }

    private static AboutDocument OfWires(
        JobSession job,
        Subject subject,
        string name,
        IEnumerable<JobWire> wires,
        Guid? circuit
    )
    {
        var wire = wires.MinBy(w => (w.Order, w.Id));
        return new(subject.Scope, name, wire?.Id, wire is null ? null : Drawable(job, wire), null, null, circuit);
    }

    /// <summary>The end of a wire that can be drawn; A where neither can.</summary>
    private static EndSide Drawable(JobSession job, JobWire wire) =>
        job.Judged.Plan(wire.Id, EndSide.A) is null && job.Judged.Plan(wire.Id, EndSide.B) is not null
            ? EndSide.B
            : EndSide.A;

    private static bool Touches(JobSession job, Subject subject, Guid wire) =>
        subject.Scope switch
        {
            CheckScope.End or CheckScope.Wire => subject.Id == wire,
            CheckScope.Landing => job.Job.EndsAt(subject.Id).Any(e => e.Wire.Id == wire),
            CheckScope.Device => job
                .Job.LandingsOf(subject.Id)
                .SelectMany(l => job.Job.EndsAt(l.Id))
                .Any(e => e.Wire.Id == wire),
            CheckScope.Circuit => job.Job.Wires[wire].CircuitId == subject.Id,
            CheckScope.Enclosure => job
                .Job.LandingsIn(subject.Id)
                .SelectMany(l => job.Job.EndsAt(l.Id))
                .Any(e => e.Wire.Id == wire),
            CheckScope.Cord or CheckScope.PinMap => false,
            CheckScope.Cable => job.Job.Wires[wire].CableId == subject.Id,
            _ => string.Equals(job.Job.Wires[wire].Run, subject.Run, StringComparison.OrdinalIgnoreCase),
        };
}
