using System.Text.Json.Serialization;
using Lacet.Core.Checks;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Web.Rework;
using Lacet.Web.Splices;

namespace Lacet.Web.Jobs;

/// <summary>A new job.</summary>
/// <param name="PersonId">Who.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Purpose">work or survey.</param>
/// <param name="HouseRules">The house rules that it is done by; its maker's.</param>
/// <param name="Id">Made by the client, so that sending twice makes one; null lets the server make it.</param>
public sealed record NewJob(Guid PersonId, string Name, JobPurpose Purpose = JobPurpose.Work, HouseRulesDocument? HouseRules = null, Guid? Id = null);

/// <summary>What a card of a job shows.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Purpose">work or survey.</param>
/// <param name="Wires">How many wires.</param>
/// <param name="Lace">Its ends by state, in their wires' order: neighbours alike stand together.</param>
/// <param name="Stops">Findings that stop.</param>
/// <param name="Fixes">Findings to put right.</param>
/// <param name="Notes">Findings to know.</param>
/// <param name="Worst">The worst finding, in its sentence; null where there is none.</param>
public sealed record JobSummary(
    string Name, JobPurpose Purpose, int Wires, IReadOnlyList<LaceRun> Lace, int Stops, int Fixes, int Notes, string? Worst);

/// <summary>Stitches of a lace that are alike.</summary>
/// <param name="State">The state.</param>
/// <param name="Ends">How many ends.</param>
public sealed record LaceRun(EndState State, int Ends);

/// <summary>A job in the list.</summary>
public sealed record JobCard(Guid Id, DateTimeOffset ChangedAt, JobSummary Summary);

/// <summary>A page of jobs.</summary>
/// <param name="Items">The cards, last changed first.</param>
/// <param name="Next">From where to go on; null at the end.</param>
public sealed record JobPage(IReadOnlyList<JobCard> Items, int? Next);

/// <summary>A job, without its wires and landings: those come in pages.</summary>
public sealed record JobOverview(
    TitleDocument Title,
    long Version,
    long Sequence,
    JobSummary Summary,
    IReadOnlyList<Versioned<EnclosureDocument>> Enclosures,
    IReadOnlyList<Versioned<DeviceDocument>> Devices,
    IReadOnlyList<Versioned<CircuitDocument>> Circuits,
    IReadOnlyList<Versioned<CordPartDocument>> Cords,
    IReadOnlyList<Versioned<PinMapPartDocument>> PinMaps);

/// <summary>A part with the version that a change must name.</summary>
/// <typeparam name="T">The part.</typeparam>
public sealed record Versioned<T>(T Part, long Version)
    where T : JobPartDocument;

/// <summary>A row of the list of wires.</summary>
/// <param name="Wire">The wire.</param>
/// <param name="Version">The version that a change must name.</param>
/// <param name="From">Where end A lands, as it is written: "DCP/X1:5".</param>
/// <param name="To">Where end B lands.</param>
/// <param name="Size">Its size, as it is said.</param>
/// <param name="Type">Its build and material, as they are said.</param>
/// <param name="Length">Its length.</param>
/// <param name="Circuit">Its circuit's name.</param>
/// <param name="A">How far end A is.</param>
/// <param name="B">How far end B is.</param>
/// <param name="Worst">The worst finding on it or at its ends.</param>
public sealed record WireRow(
    WireDocument Wire,
    long Version,
    string From,
    string To,
    string Size,
    string Type,
    Readout? Length,
    string Circuit,
    EndProgress A,
    EndProgress B,
    Severity? Worst);

/// <summary>How far an end is.</summary>
/// <param name="State">Its state.</param>
/// <param name="OlderPlan">Whether it was landed to a plan that was changed since.</param>
/// <param name="Park">Why it is set aside; left out where it is not.</param>
/// <param name="LastRecord">The event that set it aside or rejected it, for taking it back.</param>
public sealed record EndProgress(
    EndState State,
    bool OlderPlan,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] ParkReason? Park = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] Guid? LastRecord = null);

/// <summary>A page of wires.</summary>
/// <param name="Items">The wires, in order.</param>
/// <param name="Next">From where to go on; null at the end.</param>
/// <param name="Total">How many there are.</param>
public sealed record WirePage(IReadOnlyList<WireRow> Items, int? Next, int Total);

/// <summary>A landing with what ends at it.</summary>
/// <param name="Landing">The landing.</param>
/// <param name="Version">The version that a change must name.</param>
/// <param name="Says">What it is, in a line.</param>
/// <param name="Wires">Names of the wires that end at it.</param>
/// <param name="Worst">The worst finding at it.</param>
public sealed record LandingRow(JobLandingDocument Landing, long Version, string Says, IReadOnlyList<string> Wires, Severity? Worst);

/// <summary>A page of landings.</summary>
public sealed record LandingPage(IReadOnlyList<LandingRow> Items, int? Next, int Total);

/// <summary>Changes of a job, all or nothing.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="Says">What it does, in a line; null lets the server say it.</param>
/// <param name="Changes">The changes.</param>
public sealed record NewCommand(Guid Id, Guid PersonId, IReadOnlyList<PartChange> Changes, string? Says = null);

/// <summary>A change of one part.</summary>
/// <param name="Put">The part as it is to be; null to take one out.</param>
/// <param name="Remove">The part that is taken out; null to put one in.</param>
/// <param name="Version">The version that was seen; null for one that is new.</param>
public sealed record PartChange(JobPartDocument? Put = null, Guid? Remove = null, long? Version = null);

/// <summary>What a command did.</summary>
/// <param name="CommandId">By which it is undone.</param>
/// <param name="Sequence">The job's last command.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Changed">The parts that are there now, with their versions.</param>
/// <param name="Stops">Findings that stop.</param>
/// <param name="Fixes">Findings to put right.</param>
/// <param name="Notes">Findings to know.</param>
public sealed record CommandDone(Guid CommandId, long Sequence, string Says, IReadOnlyList<PartVersion> Changed, int Stops, int Fixes, int Notes);

/// <summary>A part and its version; 0 where it was taken out.</summary>
public sealed record PartVersion(Guid Id, long Version);

/// <summary>A command in a job's history.</summary>
public sealed record CommandItem(Guid Id, long Sequence, string Person, DateTimeOffset At, string Says, Guid? Undoes, bool Undone, int Parts);

/// <summary>A page of commands, newest first.</summary>
public sealed record CommandPage(IReadOnlyList<CommandItem> Items, long? Next);

/// <summary>Who acts.</summary>
/// <param name="PersonId">Who.</param>
public sealed record ByPerson(Guid PersonId);

/// <summary>Rows as somebody types or pastes them into the list.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="Rows">The rows.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
public sealed record TypedWires(Guid Id, Guid PersonId, IReadOnlyList<TypedWire> Rows, string Enclosure = "Panel");

/// <summary>A wire in one line.</summary>
/// <param name="Id">Made by the client, so that sending twice adds once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="Line">The line: its name, where it goes, and what else is said of it.</param>
/// <param name="Enclosure">The enclosure of ends that name none.</param>
public sealed record TypedLine(Guid Id, Guid PersonId, string Line, string Enclosure = "Panel");

/// <summary>A row as it is typed: each cell is read as the import reads it; null leaves the cell as it is, "" empties it.</summary>
/// <param name="WireId">The wire that is changed; null for a new one.</param>
/// <param name="Version">The version that was seen; null for a new one.</param>
public sealed record TypedWire(
    Guid? WireId = null,
    long? Version = null,
    string? Name = null,
    string? From = null,
    string? FromLanding = null,
    string? To = null,
    string? ToLanding = null,
    string? Size = null,
    string? Type = null,
    string? Colour = null,
    string? Function = null,
    string? Circuit = null,
    string? Length = null,
    string? Run = null);

/// <summary>A finding in a job.</summary>
/// <param name="Key">What it is about and which check: stable while both are.</param>
/// <param name="Check">The check's id.</param>
/// <param name="Severity">How bad.</param>
/// <param name="Says">What is wrong.</param>
/// <param name="Do">What to do.</param>
/// <param name="Source">The document and section.</param>
/// <param name="Trust">How far that can be trusted.</param>
/// <param name="RestsOn">Names of what it read.</param>
/// <param name="About">What it is about.</param>
/// <param name="Accepted">Who took it as it is, and why; null where nobody did.</param>
public sealed record JobFindingDocument(
    string Key,
    string Check,
    Severity Severity,
    string Says,
    string Do,
    string Source,
    Trust Trust,
    IReadOnlyList<string> RestsOn,
    AboutDocument About,
    AcceptedDocument? Accepted)
{
    /// <summary>What it would do to whom: stops are shown in this order.</summary>
    public Harm Harm { get; init; } = Harm.Craft;

    /// <summary>The key of the finding that it follows from; null where it stands for itself.</summary>
    public string? Follows { get; init; }
}

/// <summary>What a finding is about.</summary>
/// <param name="Scope">end, landing, wire, device, circuit, run, enclosure, cord or pin-map.</param>
/// <param name="Name">How a person finds it.</param>
/// <param name="WireId">A wire of it; null where there is none.</param>
/// <param name="Side">Which end of that wire.</param>
/// <param name="LandingId">A landing of it; null where there is none.</param>
/// <param name="DeviceId">The device; null where there is none.</param>
/// <param name="CircuitId">The circuit; null where there is none.</param>
/// <param name="Drawable">Whether that end is known well enough to be drawn.</param>
/// <param name="KeptId">The enclosure, the cord or the pin map; null for everything else.</param>
public sealed record AboutDocument(
    CheckScope Scope, string Name, Guid? WireId, EndSide? Side, Guid? LandingId, Guid? DeviceId, Guid? CircuitId, bool Drawable = false, Guid? KeptId = null);

/// <summary>An end drawn to scale.</summary>
/// <param name="Scene">The drawing.</param>
/// <param name="Material">The metal of its conductor.</param>
public sealed record EndDrawing(SceneDocument Scene, Material Material);

/// <summary>Who took a finding as it is, and why.</summary>
/// <param name="Id">By which it is taken back: a part of the job.</param>
/// <param name="Version">The version that taking it back must name.</param>
/// <param name="Person">Who.</param>
/// <param name="Reason">Why.</param>
public sealed record AcceptedDocument(Guid Id, long Version, string Person, string Reason);

/// <summary>A page of findings.</summary>
/// <param name="Items">The findings, worst first.</param>
/// <param name="Next">From where to go on; null at the end.</param>
/// <param name="Groups">How many there are of each check, accepted ones apart.</param>
public sealed record FindingPage(IReadOnlyList<JobFindingDocument> Items, int? Next, IReadOnlyList<FindingGroup> Groups);

/// <summary>Findings of one check.</summary>
/// <param name="Check">The check's id.</param>
/// <param name="Severity">How bad.</param>
/// <param name="Open">How many stand.</param>
/// <param name="Accepted">How many somebody took as they are.</param>
public sealed record FindingGroup(string Check, Severity Severity, int Open, int Accepted);

/// <summary>A finding that is taken as it is.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="PersonId">Who.</param>
/// <param name="Key">The finding's key.</param>
/// <param name="Reason">Why, in 1 to 500 characters.</param>
public sealed record NewAcceptance(Guid Id, Guid PersonId, string Key, string Reason);

/// <summary>An end of a job, opened.</summary>
/// <param name="Wire">The wire.</param>
/// <param name="Where">Where it lands.</param>
/// <param name="Progress">How far it is.</param>
/// <param name="Recipe">How it goes in; null where wire or landing is not known.</param>
/// <param name="Section">It drawn to scale; null where wire or landing is not known.</param>
/// <param name="Found">What was wrong with it when it was looked at; null for work to be done.</param>
/// <param name="Splice">The joint that it is part of; null where it lands on something else, or a wire of the joint is not known.</param>
public sealed record EndOpened(
    WireRow Wire, string? Where, EndProgress Progress, RecipeDocument? Recipe, SceneDocument? Section, FaultsFound? Found, JobSpliceDocument? Splice);
