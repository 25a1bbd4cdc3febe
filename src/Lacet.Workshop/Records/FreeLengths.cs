using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>How much wire is free at an end: cutting back spends it, and taking that back gives it back.</summary>
public sealed class FreeLengths(OpenJobs open, JobsTable commands)
{
    /// <summary>What was cut back is free no more; null where nobody measured the end.</summary>
    internal async Task<LengthChange?> SpendingAsync(RecordSubject at, Length spent, CancellationToken cancellation)
    {
        static bool IsMeasured(EndDocument end) => end.FreeLengthMm is not null || end.PastOpeningMm is not null;
        return
            await open.ReadAsync(at.JobId, job => job.FindPart(at.WireId), cancellation) is not WireDocument known
            || !IsMeasured(Of(known, at.Side))
            ? null
            : new(at.JobId, job =>
            {
                var wire = (WireDocument)job.Part(at.WireId);
                return (
                    $"Cut wire {wire.Name} back by {spent.Read().Metric}.",
                    [new PartChange(Longer(wire, at.Side, -spent.Millimetres), null, job.Version(wire.Id))]
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
            || await open.ReadAsync(of, job => job.FindPart(wireId), cancellation) is not WireDocument known
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
                var wire = (WireDocument)job.Part(wireId);
                var longer = Longer(wire, wire.A.Id == end ? EndSide.A : EndSide.B, spent.Millimetres);
                return (
                    $"Took it back: wire {wire.Name} was not cut back by {spent.Read().Metric}.",
                    [new PartChange(longer, null, job.Version(wire.Id))]
                );
            },
            takenBack.Id
        );
    }

    private static EndDocument Of(WireDocument wire, EndSide side) => side == EndSide.A ? wire.A : wire.B;

    private static WireDocument Longer(WireDocument wire, EndSide side, double by)
    {
        double? More(double? mm) => mm is { } some ? Math.Max(0, some + by) : null;
        var end = Of(wire, side) with
        {
            FreeLengthMm = More(Of(wire, side).FreeLengthMm),
            PastOpeningMm = More(Of(wire, side).PastOpeningMm),
        };
        return side == EndSide.A ? wire with { A = end } : wire with { B = end };
    }
}

/// <summary>What an event does to the free length of its end.</summary>
internal sealed record LengthChange(Guid Job, PlanChange Plan, Guid? Undoes = null);
