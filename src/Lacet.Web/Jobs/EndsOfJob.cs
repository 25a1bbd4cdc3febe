using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Web.Jobs;

/// <summary>The ends of a job that something is recorded at: events, folded to states.</summary>
internal sealed class EndsOfJob(IReadOnlyDictionary<Guid, LandedEnd> landed, IReadOnlySet<Guid> withEvents)
{
    internal static EndsOfJob None { get; } = new(new Dictionary<Guid, LandedEnd>(), new HashSet<Guid>());

    internal static async Task<EndsOfJob> ReadAsync(EventsTable events, Guid job)
    {
        var landed = new Dictionary<Guid, LandedEnd>();
        foreach (var (end, stored) in await events.StandingAsync(job))
        {
            var recorded = JsonSerializer.Deserialize<EventDocument>(stored.Bytes, Json.Options)!;
            if (recorded is { Kind: EventKind.Termination, Termination: { } made })
            {
                landed[end] = new(EndState.Landed, recorded.Person.Id, made, stored.Sequence);
            }
            else if (landed.TryGetValue(end, out var before))
            {
                landed[end] = before with { Last = stored.Sequence, State = recorded.Kind == EventKind.SignOff ? EndState.Signed : before.State == EndState.Signed ? EndState.Signed : EndState.Checked };
            }
        }

        return new(landed, await events.EndsWithEventsAsync(job));
    }

    internal LandedEnd? Of(Guid end) => landed.GetValueOrDefault(end);

    /// <summary>The ends that stand otherwise than they did.</summary>
    internal IEnumerable<Guid> Since(EndsOfJob before) =>
        landed.Keys.Union(before.Landed.Keys).Where(end => landed.GetValueOrDefault(end)?.Last != before.Landed.GetValueOrDefault(end)?.Last);

    private IReadOnlyDictionary<Guid, LandedEnd> Landed => landed;

    internal bool HasEvents(WireDocument wire) => withEvents.Contains(wire.A.Id) || withEvents.Contains(wire.B.Id);
}

/// <summary>An end that was landed; <paramref name="Last"/> is the last event that stands at it.</summary>
internal sealed record LandedEnd(EndState State, Guid By, TerminationDocument Made, long Last)
{
    /// <summary>Whether the plan is still the one that it was landed to.</summary>
    internal bool IsTo(OpenJob job, EndOfWire end)
    {
        var (conductor, landing) = PlanOf(job, end);
        return Same(conductor, Made.Conductor) && Same(landing, Made.Landing);
    }

    /// <summary>Wire and landing of an end, as they are written.</summary>
    internal static (ConductorDocument? Conductor, LandingDocument? Landing) PlanOf(OpenJob job, EndOfWire end) => (
        ((WireDocument)job.Part(end.Wire.Id)).Conductor,
        end.End.LandingId is { } id ? ((JobLandingDocument)job.Part(id)).Landing : null);

    private static bool Same<T>(T? a, T? b) =>
        string.Equals(JsonSerializer.Serialize(a, Json.Options), JsonSerializer.Serialize(b, Json.Options), StringComparison.Ordinal);
}
