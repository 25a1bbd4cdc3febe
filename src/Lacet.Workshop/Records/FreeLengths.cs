using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>How much wire is free at an end: cutting back spends it, and taking that back gives it back.</summary>
public sealed class FreeLengths(OpenJobs open, JobsTable commands)
{
    /// <summary>What was cut back is free no more; null where nobody measured the end.</summary>
    internal async Task<LengthChange?> SpendingAsync(RecordSubject at, Length spent, CancellationToken cancellation)
    {
        static bool IsMeasured(JobEnd end) => end.FreeLength is not null || end.PastOpening is not null;
        return
            await open.ReadAsync(at.JobId, job => job.Job.Wires.GetValueOrDefault(at.WireId), cancellation)
                is not { } known
            || !IsMeasured(known[at.Side])
            ? null
            : new(at.JobId, job =>
            {
                var wire = job.Job.Wires[at.WireId];
                return (
                    $"Cut wire {wire.Name} back by {spent.Read().Metric}.",
                    [new PartChange(Longer(wire, at.Side, new(-spent.Millimetres)), null, job.Version(wire.Id))]
                );
            });
    }

    /// <summary>
    /// A rework that is taken back spent nothing. What it spent comes back, whatever was changed since; null where it
    /// spent nothing.
    /// </summary>
    internal async Task<LengthChange?> GivingBackAsync(EventDocument takenBack, CancellationToken cancellation)
    {
        if (
            takenBack is not { Rework.Spent: { } unspent, Subject: { Job: { } of, Wire: { } wireId, End: { } end } }
            || await commands.UndoOfAsync(of, takenBack.Id) is null
            || await open.ReadAsync(of, job => job.Job.Wires.GetValueOrDefault(wireId), cancellation) is not { } known
            || (known.A.Id != end && known.B.Id != end)
        )
        {
            return null;
        }

        var spent = new Length(unspent.Value);
        return new(
            of,
            job =>
            {
                var wire = job.Job.Wires[wireId];
                var longer = Longer(wire, wire.A.Id == end ? EndSide.A : EndSide.B, spent);
                return (
                    $"Took it back: wire {wire.Name} was not cut back by {spent.Read().Metric}.",
                    [new PartChange(longer, null, job.Version(wire.Id))]
                );
            },
            takenBack.Id
        );
    }

    private static JobWire Longer(JobWire wire, EndSide side, Length by)
    {
        Length? More(Length? length) => length is { } some ? new(Math.Max(0, (some + by).Millimetres)) : null;
        var end = wire[side] with
        {
            FreeLength = More(wire[side].FreeLength),
            PastOpening = More(wire[side].PastOpening),
        };
        return side == EndSide.A ? wire with { A = end } : wire with { B = end };
    }
}

/// <summary>What an event does to the free length of its end.</summary>
internal sealed record LengthChange(Guid Job, PlanChange Plan, Guid? Undoes = null);
