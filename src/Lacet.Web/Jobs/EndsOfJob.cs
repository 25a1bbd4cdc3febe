using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Web.Jobs;

/// <summary>The ends of a job that something is recorded at: events, folded to states.</summary>
internal sealed class EndsOfJob(IReadOnlyDictionary<Guid, RecordedEnd> landed, IReadOnlySet<Guid> withEvents)
{
    internal static EndsOfJob None { get; } = new(new Dictionary<Guid, RecordedEnd>(), new HashSet<Guid>());

    internal static async Task<EndsOfJob> ReadAsync(EventsTable events, Guid job)
    {
        var landed = new Dictionary<Guid, RecordedEnd>();
        foreach (var (end, stored) in await events.StandingAsync(job))
        {
            var recorded = JsonSerializer.Deserialize<EventDocument>(stored.Bytes, Json.Options)!;
            landed[end] = (landed.GetValueOrDefault(end) ?? RecordedEnd.Nothing).After(recorded);
        }

        return new(landed, await events.EndsWithEventsAsync(job));
    }

    /// <summary>What stands at an end; null where nothing does that says how far it is.</summary>
    internal RecordedEnd? Of(Guid end) => landed.GetValueOrDefault(end) is { State: not EndState.Planned } recorded ? recorded : null;

    /// <summary>The ends that stand otherwise than they did.</summary>
    internal IEnumerable<Guid> Since(EndsOfJob before) =>
        landed.Keys.Union(before.Landed.Keys).Where(end => landed.GetValueOrDefault(end)?.Last != before.Landed.GetValueOrDefault(end)?.Last);

    /// <summary>The ends that were landed or made anew: what was found there before stands no more.</summary>
    internal IReadOnlySet<Guid> Redone { get; } = landed.Where(e => e.Value.IsRedone).Select(e => e.Key).ToHashSet();

    private IReadOnlyDictionary<Guid, RecordedEnd> Landed => landed;

    internal bool HasEvents(WireDocument wire) => withEvents.Contains(wire.A.Id) || withEvents.Contains(wire.B.Id);
}

/// <summary>An end that something is recorded at.</summary>
/// <param name="State">How far it is.</param>
/// <param name="By">Who did what was last made or set aside there.</param>
/// <param name="Made">How it was landed; null where it never was.</param>
/// <param name="Park">Why it is set aside.</param>
/// <param name="Last">The sequence of the last event that stands.</param>
/// <param name="LastId">That event.</param>
internal sealed record RecordedEnd(EndState State, Guid By, TerminationDocument? Made, ParkReason? Park, long Last, Guid LastId)
{
    internal static RecordedEnd Nothing { get; } = new(EndState.Planned, Guid.Empty, null, null, 0, Guid.Empty);

    /// <summary>How the end stands after one more event.</summary>
    internal RecordedEnd After(EventDocument recorded)
    {
        var after = recorded switch
        {
            { Kind: EventKind.Termination, Termination: { } made } => new(EndState.Landed, recorded.Person.Id, made, null, 0, Guid.Empty),
            { Kind: EventKind.Park } => this with { State = EndState.Parked, Park = recorded.Park },
            { Rework.Verdict: FaultVerdict.CutBack } => this with { State = EndState.Rejected, Park = null },
            // What is parked, rejected or taken back is checked and signed for only when it is landed anew.
            { Kind: EventKind.SignOff } when State is EndState.Landed or EndState.Checked => this with { State = EndState.Signed },
            { Kind: EventKind.Check } when State == EndState.Landed => this with { State = EndState.Checked },
            _ => this,
        };
        var isRedone = IsRedone || recorded.Kind == EventKind.Termination || recorded.Rework is { Verdict: not FaultVerdict.Accept };
        return after with { IsRedone = isRedone, Last = recorded.Sequence, LastId = recorded.Id };
    }

    /// <summary>Whether it was landed, or what was wrong with it was put right or cut back, since somebody looked.</summary>
    internal bool IsRedone { get; private init; }

    /// <summary>Whether the plan is still the one that it was landed to.</summary>
    internal bool IsTo(OpenJob job, EndOfWire end)
    {
        var (conductor, landing) = PlanOf(job, end);
        return Made is { } made && Same(conductor, made.Conductor) && Same(landing, made.Landing);
    }

    /// <summary>Wire and landing of an end, as they are written.</summary>
    internal static (ConductorDocument? Conductor, LandingDocument? Landing) PlanOf(OpenJob job, EndOfWire end) => (
        ((WireDocument)job.Part(end.Wire.Id)).Conductor,
        end.End.LandingId is { } id ? ((JobLandingDocument)job.Part(id)).Landing : null);

    private static bool Same<T>(T? a, T? b) =>
        string.Equals(JsonSerializer.Serialize(a, Json.Options), JsonSerializer.Serialize(b, Json.Options), StringComparison.Ordinal);
}
