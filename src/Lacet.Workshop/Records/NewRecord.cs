using System.Text.Json.Serialization;
using Lacet.Core.Landings;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;

namespace Lacet.Workshop.Records;

/// <summary>Something that happened, as a client sends it.</summary>
/// <param name="Id">Made by the client; sending the same twice stores once.</param>
/// <param name="Device">Which device it was made on.</param>
/// <param name="DeviceSequence">That device's own count.</param>
/// <param name="ClaimedAt">When, by the device's clock.</param>
/// <param name="Kind">termination, check, sign-off, rework, park, continuity or withdrawal.</param>
/// <param name="Corrects">The event that a withdrawal takes back.</param>
/// <param name="Conductor">The wire; needed for a termination.</param>
/// <param name="Landing">Where it went; needed for a termination.</param>
/// <param name="MeasuredStripMm">Measured strip length, where somebody measured.</param>
/// <param name="Tightening">How it was tightened; needed for a termination.</param>
/// <param name="HouseRules">The house rules it was done to; what is left out is the default.</param>
/// <param name="Second">A second wire in the same landing.</param>
/// <param name="FerruleLabelMm2">The ferrule size that the kit's own label gave, mm²; null where it was chosen by
/// area.</param>
/// <param name="Subject">The end of a job that it is about, whose wire, landing and house rules are then the job's;
/// null at the Bench.</param>
/// <param name="Rework">What is wrong with the end; needed for a rework.</param>
/// <param name="Park">Why the end is set aside; needed for that.</param>
/// <param name="Continuity">The pin map whose test is recorded, as the job has it; needed for that.</param>
public sealed record NewRecord(
    Guid Id,
    string Device,
    long DeviceSequence,
    DateTimeOffset ClaimedAt,
    EventKind Kind = EventKind.Termination,
    Guid? Corrects = null,
    ConductorDocument? Conductor = null,
    LandingDocument? Landing = null,
    double? MeasuredStripMm = null,
    NewTightening? Tightening = null,
    HouseRules? HouseRules = null,
    ConductorDocument? Second = null,
    double? FerruleLabelMm2 = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] RecordSubject? Subject = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] FaultsFound? Rework = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ParkReason? Park = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] TestedPinMap? Continuity = null
);
