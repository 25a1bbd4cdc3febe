using Lacet.Core.DeadChecks;
using Lacet.Core.Rework;

namespace Lacet.Core.Records;

/// <summary>Something that happened, as far as the state of things depends on it: one of a closed set.</summary>
public abstract record RecordedEvent
{
    private RecordedEvent() { }

    /// <summary>Made by the client.</summary>
    public Guid Id { get; init; }

    /// <summary>Its place in the chain, from 1.</summary>
    public long Sequence { get; init; }

    /// <summary>Who.</summary>
    public Guid Person { get; init; }

    /// <summary>The end of a job that it is about; null at the Bench, and for what is about no end.</summary>
    public Guid? End { get; init; }

    /// <summary>The enclosure that it is about, or that its end was in; null where nobody said.</summary>
    public Guid? Enclosure { get; init; }

    /// <summary>How that enclosure stood while the work was done; null where nobody asked.</summary>
    public DeadWork? DeadWork { get; init; }

    /// <summary>When it happened, by the device’s clock.</summary>
    public DateTimeOffset ClaimedAt { get; init; }

    /// <summary>When it was received, by the server’s clock.</summary>
    public DateTimeOffset ReceivedAt { get; init; }

    /// <summary>How it shows in the Log, as long as it is not taken back.</summary>
    public abstract RecordState State { get; }

    /// <summary>An end was terminated.</summary>
    /// <param name="Plan">Mark of the wire and the landing that it was made to: another mark is another plan.</param>
    /// <param name="IsWanting">Whether the checks of made ends find something in it to be put right.</param>
    public sealed record Terminated(string Plan, bool IsWanting) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => IsWanting ? RecordState.Wanting : RecordState.Landed;
    }

    /// <summary>A landed end was looked at and tugged.</summary>
    public sealed record Checked : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Checked;
    }

    /// <summary>Somebody other than who landed it signs for it.</summary>
    public sealed record SignedOff : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Signed;
    }

    /// <summary>An end was set aside.</summary>
    /// <param name="Reason">Why.</param>
    public sealed record Parked(ParkReason Reason) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Parked;
    }

    /// <summary>Something was wrong with an end.</summary>
    /// <param name="Verdict">Whether it was left, put right or cut back.</param>
    public sealed record Reworked(FaultVerdict Verdict) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State =>
            Verdict == FaultVerdict.CutBack ? RecordState.Rejected : RecordState.PutRight;
    }

    /// <summary>A pin map was tested with a meter.</summary>
    /// <param name="IsWhole">Whether every pin that was measured passes.</param>
    public sealed record PinMapTested(bool IsWhole) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => IsWhole ? RecordState.Checked : RecordState.Wanting;
    }

    /// <summary>An earlier event is taken back.</summary>
    /// <param name="Corrects">Which.</param>
    public sealed record Withdrawn(Guid Corrects) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Withdrawn;
    }

    /// <summary>The sources of an enclosure, and what keeps each of them off.</summary>
    /// <param name="Sources">Those that there are.</param>
    /// <param name="Absent">Kinds that were looked for, and are not there.</param>
    public sealed record Isolated(IReadOnlyList<IsolatedSource> Sources, IReadOnlyList<SourceKind> Absent)
        : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>Somebody hung a lock of their own, and works there from now on.</summary>
    /// <param name="Number">The lock’s number.</param>
    public sealed record LockHung(string Number) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>Somebody’s own lock came off.</summary>
    /// <param name="Owner">Whose.</param>
    public sealed record LockTaken(Guid Owner) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>An enclosure was measured, to prove it dead.</summary>
    /// <param name="Proof">How, and what was read.</param>
    /// <param name="PauseMinutes">The job’s pause as it was: longer away than that, and it counts no more.</param>
    public sealed record ProvedDead(DeadProof Proof, int PauseMinutes) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => Proof.IsDead() ? RecordState.Dead : RecordState.Wanting;
    }

    /// <summary>Another source was found.</summary>
    /// <param name="Source">It, without a lock.</param>
    public sealed record SourceFound(IsolatedSource Source) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Wanting;
    }

    /// <summary>Whoever works there is there still.</summary>
    public sealed record AtWork : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>Another shift comes.</summary>
    public sealed record ShiftEnded : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>Nothing is to be proved dead there.</summary>
    /// <param name="Exemption">Why.</param>
    /// <param name="PauseMinutes">The job’s pause as it was.</param>
    public sealed record Exempted(ProofExemption Exemption, int PauseMinutes) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>Power was put back.</summary>
    public sealed record Energised : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }

    /// <summary>A name that was only typed is a person’s, by a lead’s word.</summary>
    /// <param name="Typed">The name’s.</param>
    /// <param name="Account">The person’s.</param>
    public sealed record NameJoined(Guid Typed, Guid Account) : RecordedEvent
    {
        /// <inheritdoc/>
        public override RecordState State => RecordState.Noted;
    }
}
