using Lacet.Core.Rework;

namespace Lacet.Core.Records;

/// <summary>How an end stands by what is recorded of it.</summary>
/// <param name="State">How far it is.</param>
/// <param name="By">Who did what was last made or set aside there.</param>
/// <param name="Plan">Mark of the plan that it was landed to; null where it never was.</param>
/// <param name="Park">Why it is set aside.</param>
/// <param name="Last">The sequence of the last event that stands.</param>
/// <param name="LastId">That event.</param>
public sealed record EndStanding(EndState State, Guid By, string? Plan, ParkReason? Park, long Last, Guid LastId)
{
    /// <summary>An end that nothing is recorded of.</summary>
    public static EndStanding Nothing { get; } = new(EndState.Planned, Guid.Empty, null, null, 0, Guid.Empty);

    /// <summary>
    /// Whether it was landed, or what was wrong with it was put right or cut back, since somebody looked.
    /// </summary>
    public bool IsRedone { get; private init; }

    /// <summary>How the end stands after one more event.</summary>
    public EndStanding After(RecordedEvent recorded)
    {
        var after = recorded switch
        {
            RecordedEvent.Terminated made => Nothing with
            {
                State = EndState.Landed,
                By = made.Person,
                Plan = made.Plan,
            },
            RecordedEvent.Parked parked => this with { State = EndState.Parked, Park = parked.Reason },
            RecordedEvent.Reworked { Verdict: FaultVerdict.CutBack } => this with
            {
                State = EndState.Rejected,
                Park = null,
            },
            // What is parked, rejected or taken back is checked and signed for only when it is landed anew.
            RecordedEvent.SignedOff when State is EndState.Landed or EndState.Checked => this with
            {
                State = EndState.Signed,
            },
            RecordedEvent.Checked when State == EndState.Landed => this with { State = EndState.Checked },
            _ => this,
        };
        var isRedone =
            IsRedone
            || recorded is RecordedEvent.Terminated or RecordedEvent.Reworked { Verdict: not FaultVerdict.Accept };
        return after with { IsRedone = isRedone, Last = recorded.Sequence, LastId = recorded.Id };
    }
}
