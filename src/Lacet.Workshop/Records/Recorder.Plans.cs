using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange.Documents;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <content>The end that is recorded at, as its job plans it.</content>
public sealed partial class Recorder
{
    /// <summary>The end as its job plans it.</summary>
    private async Task<PlannedEnd> EndAsync(
        RecordSubject subject,
        NewRecord request,
        Guid person,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(
            subject.JobId,
            job =>
            {
                if (!job.Job.Wires.TryGetValue(subject.WireId, out var wire) || wire.Retired)
                {
                    return null;
                }

                var end = new EndOfWire(wire, subject.Side);
                var landing = end.End.LandingId is { } id ? job.Job.Landings[id] : null;
                var second = job.Judged.Plan(wire.Id, subject.Side)?.AtHand.Second;
                return new PlannedEnd(
                    end.End.Id,
                    wire.Conductor is null ? null : ConductorDocument.Of(wire.Conductor),
                    landing?.Landing is { } data ? LandingDocument.Of(data) with { Id = landing.ShelfId } : null,
                    second is null ? null : ConductorDocument.Of(second),
                    job.Title.Rules,
                    job.Ends.Of(end.End.Id),
                    $"wire {wire.Name} at {job.Job.PlaceOf(end.End)}",
                    request.Kind == EventKind.Rework ? Reworked(job, end, request.Rework) : null,
                    landing?.EnclosureId,
                    landing is null ? null
                        // Whoever has a plug open in the hand has it out of its socket.
                        : landing.Landing is PlugScrew ? DeadWork.Unplugged
                        : job.Dead.Of(landing.EnclosureId).Work(person, now)
                );
            },
            cancellation
        ) ?? throw new ImpossibleInputException("subject", "There is no such end in that job.");

    private static ReworkRecordDocument Reworked(JobSession job, EndOfWire end, FaultsFound? found)
    {
        if (found is null || (found.Damaged == 0 && found.Faults is not [_, ..]))
        {
            throw new ImpossibleInputException("rework", "Say what is wrong with the end.");
        }

        var assessed = ReworkAssessment.Of(SpoiledEnds.Of(job, end, found));
        return new(
            [.. assessed.Faults.Select(f => f.Fault)],
            found.Strands,
            found.Damaged,
            assessed.Verdict,
            assessed.Spent?.Read()
        );
    }

    /// <summary>A map’s readings as the job has them.</summary>
    private async Task<ContinuityRecordDocument> TestedAsync(TestedPinMap? tested, CancellationToken cancellation)
    {
        var (id, map) = tested is null
            ? throw new ImpossibleInputException("continuity", "Say which pin map of which job was tested.")
            : (
                tested.PinMapId,
                await open.ReadAsync(
                    tested.JobId,
                    job => job.Job.PinMaps.GetValueOrDefault(tested.PinMapId),
                    cancellation
                ) ?? throw new ImpossibleInputException("continuity", "There is no such pin map in that job.")
            );
        var measured = map
            .Map.Pins.Where(p => p.IsWhole is not null)
            .OrderBy(p => p.Pin)
            .Select(p => new ContinuityReading(
                p.Pin,
                p.Terminal,
                p.Ohms is { } ohms && double.IsFinite(ohms) ? ohms : null,
                p.Ohms is double.PositiveInfinity,
                p.IsWhole!.Value
            ))
            .ToList();
        return !map.Map.KeySeen
                ? throw new ImpossibleInputException(
                    "continuity",
                    "Nobody has seen the connector’s key: no pin’s number is to be trusted yet."
                )
            : measured.Count == 0
                ? throw new ImpossibleInputException(
                    "continuity",
                    "Nothing was measured on that map yet. Keep what you measured in the job first."
                )
            : new(id, measured);
    }

    private static NewRecord AsPlanned(NewRecord request, PlannedEnd end) =>
        request with
        {
            Conductor = end.Conductor
                ?? throw new ImpossibleInputException(
                    "subject",
                    "The size of that wire is not known: set it in the job first."
                ),
            Landing = end.Landing
                ?? throw new ImpossibleInputException(
                    "subject",
                    "What that wire lands on is not known: set it in the job first."
                ),
            Second = end.Second,
            HouseRules = end.HouseRules,
        };

    private static void CheckSubject(NewRecord request, PlannedEnd? at, IReadOnlySet<Guid> selves)
    {
        if (
            at is not null
            && (
                request.Conductor is not null
                || request.Landing is not null
                || request.HouseRules is not null
                || request.Second is not null
            )
        )
        {
            throw new ImpossibleInputException(
                "subject",
                "At an end of a job, wire, landing and house rules are the job’s: leave them out."
            );
        }

        if (request.Kind is EventKind.Termination or EventKind.Withdrawal or EventKind.Continuity)
        {
            return;
        }

        if (at is null)
        {
            throw new ImpossibleInputException("subject", "Say which end of which job.");
        }

        if (request.Kind == EventKind.Park && request.Park is null)
        {
            throw new ImpossibleInputException("park", "Say why it is set aside.");
        }

        if (request.Kind is EventKind.Park or EventKind.Rework)
        {
            return;
        }

        if (at.Recorded is not { Plan: not null, State: EndState.Landed or EndState.Checked or EndState.Signed })
        {
            throw new ImpossibleInputException(
                "subject",
                "Nothing stands as landed there: it was not recorded yet, or was set aside or rejected since."
            );
        }

        if (selves.Contains(at.Recorded.By))
        {
            throw new NotAllowedException(
                request.Kind == EventKind.SignOff
                    ? "Somebody other than who landed it signs for it."
                    : "Somebody other than who landed it checks it."
            );
        }
    }

    private sealed record PlannedEnd(
        Guid EndId,
        ConductorDocument? Conductor,
        LandingDocument? Landing,
        ConductorDocument? Second,
        HouseRules? HouseRules,
        EndStanding? Recorded,
        string Says,
        ReworkRecordDocument? Rework,
        Guid? Enclosure,
        DeadWork? DeadWork
    );
}
