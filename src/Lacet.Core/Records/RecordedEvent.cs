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
}
