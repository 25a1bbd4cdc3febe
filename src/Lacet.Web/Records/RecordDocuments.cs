using System.Text.Json.Serialization;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Web.People;
using Lacet.Web.Rework;

namespace Lacet.Web.Records;

/// <summary>Something that happened, as a client sends it.</summary>
/// <param name="Id">Made by the client; sending the same twice stores once.</param>
/// <param name="Device">Which device it was made on.</param>
/// <param name="DeviceSequence">That device's own count.</param>
/// <param name="PersonId">Who.</param>
/// <param name="ClaimedAt">When, by the device's clock.</param>
/// <param name="Kind">termination, check, sign-off, rework, park, continuity or withdrawal.</param>
/// <param name="Corrects">The event that a withdrawal takes back.</param>
/// <param name="Conductor">The wire; needed for a termination.</param>
/// <param name="Landing">Where it went; needed for a termination.</param>
/// <param name="MeasuredStripMm">Measured strip length, where somebody measured.</param>
/// <param name="Tightening">How it was tightened; needed for a termination.</param>
/// <param name="HouseRules">The house rules it was done to; what is left out is the default.</param>
/// <param name="Second">A second wire in the same landing.</param>
/// <param name="FerruleLabelMm2">The ferrule size that the kit's own label gave, mm²; null where it was chosen by area.</param>
/// <param name="Subject">The end of a job that it is about, whose wire, landing and house rules are then the job's; null at the Bench.</param>
/// <param name="Rework">What is wrong with the end; needed for a rework.</param>
/// <param name="Park">Why the end is set aside; needed for that.</param>
/// <param name="Continuity">The pin map whose test is recorded, as the job has it; needed for that.</param>
public sealed record NewRecord(
    Guid Id,
    string Device,
    long DeviceSequence,
    Guid PersonId,
    DateTimeOffset ClaimedAt,
    EventKind Kind = EventKind.Termination,
    Guid? Corrects = null,
    ConductorDocument? Conductor = null,
    LandingDocument? Landing = null,
    double? MeasuredStripMm = null,
    NewTightening? Tightening = null,
    HouseRulesDocument? HouseRules = null,
    ConductorDocument? Second = null,
    double? FerruleLabelMm2 = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] RecordSubject? Subject = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] FaultsFound? Rework = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ParkReason? Park = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] TestedPinMap? Continuity = null);

/// <summary>A pin map of a job.</summary>
/// <param name="JobId">The job.</param>
/// <param name="PinMapId">The map.</param>
public sealed record TestedPinMap(Guid JobId, Guid PinMapId);

/// <summary>An end of a job.</summary>
/// <param name="JobId">The job.</param>
/// <param name="WireId">The wire.</param>
/// <param name="Side">Which of its ends.</param>
public sealed record RecordSubject(Guid JobId, Guid WireId, EndSide Side);

/// <summary>How it was tightened, as a client sends it.</summary>
/// <param name="Method">reading, preset, by-feel; seated where nothing is tightened.</param>
/// <param name="ReadingId">The peak of a connected tool; then value, unit and tool are taken from it.</param>
/// <param name="Value">A reading typed in, or the preset tool's setting.</param>
/// <param name="Unit">N·m, lbf·in or lbf·ft.</param>
/// <param name="Tool">Which tool.</param>
public sealed record NewTightening(
    TighteningMethod Method, Guid? ReadingId = null, double? Value = null, string? Unit = null, string? Tool = null);

/// <summary>An event in the Log, judged against its windows.</summary>
public sealed record RecordItem(
    long Sequence,
    Guid Id,
    EventKind Kind,
    RecordState State,
    DateTimeOffset ClaimedAt,
    DateTimeOffset ReceivedAt,
    Person Person,
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
    ContinuityRecordDocument? Continuity);

/// <summary>A page of the Log.</summary>
/// <param name="Items">Newest first.</param>
/// <param name="Next">Ask for what lies before this sequence; null at the end.</param>
/// <param name="Total">How many events there are.</param>
public sealed record RecordPage(IReadOnlyList<RecordItem> Items, long? Next, long Total);
