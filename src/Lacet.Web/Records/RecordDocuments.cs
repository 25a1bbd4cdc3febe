using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Web.People;

namespace Lacet.Web.Records;

/// <summary>
/// An event in the Log, judged against its windows. One that is damaged stands in its place, with what can still be
/// read of it: without a kind where that is nothing.
/// </summary>
public sealed record RecordItem(
    long Sequence,
    Guid Id,
    EventKind? Kind,
    RecordState State,
    DateTimeOffset? ClaimedAt,
    DateTimeOffset? ReceivedAt,
    Person? Person,
    string Device,
    Guid? Corrects,
    string? Conductor,
    TerminationDocument? Termination,
    Judgement? StripJudgement,
    Judgement? TorqueJudgement,
    IReadOnlyList<FindingDocument> Findings,
    string Hash,
    EventSubject Subject,
    ReworkRecordDocument? Rework,
    ParkReason? Park,
    ContinuityRecordDocument? Continuity,
    IReadOnlyList<ClockOddity> Clock,
    string? Damage,
    string? Says,
    Role? Role = null,
    Person? Supervisor = null,
    DeadWork? DeadWork = null,
    string? DeadSays = null
);

/// <summary>A page of the Log.</summary>
/// <param name="Items">Newest first.</param>
/// <param name="Next">Ask for what lies before this sequence; null at the end.</param>
/// <param name="Total">How many events there are.</param>
public sealed record RecordPage(IReadOnlyList<RecordItem> Items, long? Next, long Total);
