using System.Text.Json;
using System.Text.Json.Serialization;
using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Records;
using Lacet.Core.Rework;

namespace Lacet.Exchange.Documents;

/// <summary>
/// An event, envelope v1: what happened at an end. Written once and never changed; the hash of its exact bytes is named
/// by the event after it.
/// </summary>
/// <param name="V">Version of the envelope.</param>
/// <param name="Id">Made by the client, so that sending twice stores once.</param>
/// <param name="Sequence">Given at receipt, from 1 without gaps.</param>
/// <param name="Previous">Hash of the event before, given at receipt.</param>
/// <param name="Device">Which device it was made on.</param>
/// <param name="DeviceSequence">That device's own count.</param>
/// <param name="Person">Who.</param>
/// <param name="Subject">Which end; empty at the Bench.</param>
/// <param name="ClaimedAt">When it happened, by the device's clock.</param>
/// <param name="ReceivedAt">When it was received, by the server's clock.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Corrects">The event that a withdrawal takes back.</param>
/// <param name="Termination">What was made; null for anything but a termination.</param>
/// <param name="Rework">What was wrong and what became of it; left out for anything but a rework.</param>
/// <param name="Park">Why it was set aside; left out for anything but that.</param>
/// <param name="Continuity">What the meter said; left out for anything but a test of a pin map.</param>
/// <param name="Clock">What is odd about its time; left out where nothing is.</param>
/// <param name="Role">As what they work here; left out by names that were only typed.</param>
/// <param name="Supervisor">Who supervised them; left out where nobody did.</param>
/// <param name="Dead">What was done to make an enclosure dead, or live; left out for anything else.</param>
/// <param name="Joined">Which typed name is whose; left out for anything else.</param>
/// <param name="DeadWork">
/// How the enclosure stood while the work was done; left out at the Bench, and by events from before that was asked.
/// </param>
public sealed record EventDocument(
    int V,
    Guid Id,
    long Sequence,
    string Previous,
    string Device,
    long DeviceSequence,
    PersonReference Person,
    EventSubject Subject,
    DateTimeOffset ClaimedAt,
    DateTimeOffset ReceivedAt,
    EventKind Kind,
    Guid? Corrects,
    TerminationDocument? Termination,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ReworkRecordDocument? Rework = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ParkReason? Park = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ContinuityRecordDocument? Continuity = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] IReadOnlyList<ClockOddity>? Clock = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Role? Role = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] PersonReference? Supervisor = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] DeadRecordDocument? Dead = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] DeadWork? DeadWork = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] JoinedNameDocument? Joined = null
)
{
    /// <summary>Reads an event as it was sealed; null where its bytes are damaged and cannot be read.</summary>
    public static EventDocument? TryRead(ReadOnlySpan<byte> bytes)
    {
        try
        {
            return JsonSerializer.Deserialize<EventDocument>(bytes, Json.Options);
        }
        catch (Exception exception)
            when (exception is JsonException or NotSupportedException or ImpossibleInputException)
        {
            return null;
        }
    }

    /// <summary>
    /// What happened, as far as the state of things depends on it; null for what says nothing of its kind.
    /// </summary>
    public RecordedEvent? ToEvent()
    {
        RecordedEvent? happened = (Kind, this) switch
        {
            (EventKind.Termination, { Termination: { } made }) => new RecordedEvent.Terminated(
                made.PlanMark(),
                made.Judge().Any(f => f.Severity != Severity.Note)
            ),
            (EventKind.Check, _) => new RecordedEvent.Checked(),
            (EventKind.SignOff, _) => new RecordedEvent.SignedOff(),
            (EventKind.Park, { Park: { } reason }) => new RecordedEvent.Parked(reason),
            (EventKind.Rework, { Rework: { } rework }) => new RecordedEvent.Reworked(rework.Verdict),
            (EventKind.Continuity, { Continuity: { } tested }) => new RecordedEvent.PinMapTested(
                tested.Readings.All(r => r.IsWhole)
            ),
            (EventKind.Withdrawal, { Corrects: { } corrects }) => new RecordedEvent.Withdrawn(corrects),
            (EventKind.NameJoined, { Joined: { } joined }) => new RecordedEvent.NameJoined(
                joined.Typed.Id,
                joined.Person.Id
            ),
            (_, { Dead: { } dead }) => dead.ToEvent(Kind),
            _ => null,
        };
        return happened is null
            ? null
            : happened with
            {
                Id = Id,
                Sequence = Sequence,
                Person = Person.Id,
                End = Subject.End,
                Enclosure = Subject.Enclosure,
                DeadWork = DeadWork,
                ClaimedAt = ClaimedAt,
                ReceivedAt = ReceivedAt,
            };
    }
}

/// <summary>Who, without the name: it lies outside, and its salted digest ties it to the event.</summary>
public sealed record PersonReference(Guid Id, string NameDigest);

/// <summary>The end that an event is about, or the enclosure; all null at the Bench.</summary>
public sealed record EventSubject(
    Guid? Job,
    Guid? Wire,
    Guid? End,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Guid? Enclosure = null
);

/// <summary>What kind of event it is.</summary>
public enum EventKind
{
    /// <summary>An end was terminated.</summary>
    Termination,

    /// <summary>An earlier event is taken back.</summary>
    Withdrawal,

    /// <summary>A landed end was looked at and tugged.</summary>
    Check,

    /// <summary>Somebody other than who landed it signs for it.</summary>
    SignOff,

    /// <summary>Something was wrong with an end: it was left, put right, or rejected.</summary>
    Rework,

    /// <summary>An end was set aside, with a reason.</summary>
    Park,

    /// <summary>A pin map was tested with a meter.</summary>
    Continuity,

    /// <summary>The sources of an enclosure, and what keeps each of them off.</summary>
    Isolation,

    /// <summary>Somebody hung a lock of their own.</summary>
    LockOn,

    /// <summary>Somebody’s own lock came off.</summary>
    LockOff,

    /// <summary>An enclosure was measured, to prove it dead.</summary>
    ProvedDead,

    /// <summary>Another source was found.</summary>
    SourceFound,

    /// <summary>Whoever works there is there still.</summary>
    AtWork,

    /// <summary>Another shift comes.</summary>
    ShiftEnd,

    /// <summary>Nothing is to be proved dead there.</summary>
    Exemption,

    /// <summary>Power was put back.</summary>
    Energised,

    /// <summary>A name that was only typed is a person’s, by a lead’s word.</summary>
    NameJoined,
}

/// <summary>An end as it was made, beside what it was made to.</summary>
public sealed record TerminationDocument(
    ConductorDocument Conductor,
    LandingDocument Landing,
    HouseRules HouseRules,
    ReadingsDocument Recipe,
    Readout? MeasuredStrip,
    TighteningDocument Tightening
)
{
    /// <summary>A second wire in the same landing; left out where there is none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ConductorDocument? Second { get; init; }

    /// <summary>
    /// Mark of the plan that it was made to; of nothing where today’s rules do not take its wire or landing any more, so
    /// that it shows as made to an older plan.
    /// </summary>
    public string PlanMark()
    {
        try
        {
            return Documents.PlanMark.Of(Conductor.Read(), Landing.Read());
        }
        catch (ImpossibleInputException)
        {
            return Documents.PlanMark.Of(null, null);
        }
    }

    /// <summary>What the checks of made ends find in it.</summary>
    public IReadOnlyList<Finding> Judge() =>
        EndChecks.Judge(
            new MadeEnd(
                Recipe.LandingKind,
                new AsMade(MeasuredStrip is { } strip ? new Length(strip.Value) : null, Tightening.Read()),
                Recipe.Strip?.Read(),
                Recipe.Torque?.Read()
            )
        );
}

/// <summary>The recipe's readings as they were.</summary>
public sealed record ReadingsDocument(
    string LandingKind,
    Verdict Verdict,
    WindowDocument? Strip,
    PreparationDocument Preparation,
    FerruleDocument? Ferrule,
    TorqueDocument? Torque
);

/// <summary>How it was tightened.</summary>
/// <param name="Method">reading, preset, by-feel or seated.</param>
/// <param name="Torque">The peak read, or the setting; null by feel.</param>
/// <param name="Tool">Which tool; null by feel.</param>
/// <param name="Simulated">Whether a stand-in measured it.</param>
public sealed record TighteningDocument(TighteningMethod Method, Readout? Torque, string? Tool, bool Simulated)
{
    /// <summary>Writes the core's shape.</summary>
    public static TighteningDocument Of(Tightening tightening) =>
        tightening switch
        {
            Tightening.Reading reading => new(
                TighteningMethod.Reading,
                reading.Peak.Read(),
                reading.Tool,
                reading.Simulated
            ),
            Tightening.Preset preset => new(
                TighteningMethod.Preset,
                preset.Setting.Read(),
                preset.Tool,
                Simulated: false
            ),
            Tightening.Seated => new(TighteningMethod.Seated, null, null, Simulated: false),
            _ => new(TighteningMethod.ByFeel, null, null, Simulated: false),
        };

    /// <summary>The core's shape.</summary>
    public Tightening Read() =>
        (Method, Torque) switch
        {
            (TighteningMethod.Reading, { } peak) => new Tightening.Reading(new(peak.Value), Tool ?? "", Simulated),
            (TighteningMethod.Preset, { } setting) => new Tightening.Preset(Tool ?? "", new(setting.Value)),
            (TighteningMethod.Seated, _) => new Tightening.Seated(),
            _ => new Tightening.ByFeel(),
        };
}
