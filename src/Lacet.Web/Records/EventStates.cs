using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Store;

namespace Lacet.Web.Records;

/// <summary>How events show.</summary>
internal static class EventStates
{
    /// <summary>How an event shows: damaged, taken back, or by what happened.</summary>
    internal static RecordState StateOf(this StoredEvent stored, EventDocument recorded) =>
        !stored.IsIntact ? RecordState.Damaged
        : stored.Withdrawn ? RecordState.Withdrawn
        : recorded.ToEvent()?.State ?? RecordState.Damaged;
}
