using Lacet.Core.Checks;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Records;

namespace Lacet.Web.Jobs;

/// <summary>A new job.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Purpose">work or survey.</param>
/// <param name="HouseRules">The house rules that it is done by; its maker's.</param>
/// <param name="Id">Made by the client, so that sending twice makes one; null lets the server make it.</param>
public sealed record NewJob(
    string Name,
    JobPurpose Purpose = JobPurpose.Work,
    HouseRules? HouseRules = null,
    Guid? Id = null
);

/// <summary>A job in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="ChangedAt">When it was last changed.</param>
/// <param name="ChangedBy">Who changed it last, by name.</param>
/// <param name="Summary">How far it is, and what is wrong.</param>
public sealed record JobCard(Guid Id, DateTimeOffset ChangedAt, string ChangedBy, JobSummary Summary);

/// <summary>A page of jobs.</summary>
/// <param name="Items">The cards, last changed first.</param>
/// <param name="Next">From where to go on; null at the end.</param>
public sealed record JobPage(IReadOnlyList<JobCard> Items, int? Next);

/// <summary>A job, without its wires and landings: those come in pages.</summary>
public sealed record JobOverview(
    JobTitle Title,
    long Version,
    long Sequence,
    JobSummary Summary,
    IReadOnlyList<Versioned<Enclosure>> Enclosures,
    IReadOnlyList<Versioned<Device>> Devices,
    IReadOnlyList<Versioned<Circuit>> Circuits,
    IReadOnlyList<Versioned<JobCord>> Cords,
    IReadOnlyList<Versioned<JobPinMap>> PinMaps,
    IReadOnlyList<Versioned<JobBridge>> Bridges,
    IReadOnlyList<Versioned<JobCable>> Cables
);

/// <summary>A part with the version that a change must name.</summary>
/// <typeparam name="T">The part.</typeparam>
public sealed record Versioned<T>(T Part, long Version)
    where T : JobPart;

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
    JobWire Wire,
    long Version,
    string From,
    string To,
    string Size,
    string Type,
    Readout? Length,
    string Circuit,
    EndProgress A,
    EndProgress B,
    Severity? Worst
)
{
    /// <summary>What it runs in: its cable, else its raceway; empty where nobody said.</summary>
    public required string Run { get; init; }

    /// <summary>What it carries, as it is said; empty where nobody said.</summary>
    public required Term Function { get; init; }

    /// <summary>The colour that its insulation has most of; null where nobody said.</summary>
    public Hue? Hue { get; init; }

    /// <summary>Its stripe; null where it has none.</summary>
    public Hue? Stripe { get; init; }
}

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
public sealed record LandingRow(
    JobLanding Landing,
    long Version,
    string Says,
    IReadOnlyList<string> Wires,
    Severity? Worst
);

/// <summary>A page of landings.</summary>
public sealed record LandingPage(IReadOnlyList<LandingRow> Items, int? Next, int Total);

/// <summary>Changes of a job, all or nothing.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Says">What it does, in a line; null lets the server say it.</param>
/// <param name="Changes">The changes.</param>
public sealed record NewCommand(Guid Id, IReadOnlyList<PartChange> Changes, string? Says = null);

/// <summary>A command in a job's history.</summary>
public sealed record CommandItem(
    Guid Id,
    long Sequence,
    string Person,
    DateTimeOffset At,
    string Says,
    Guid? Undoes,
    bool Undone,
    int Parts
);

/// <summary>What a command made of one part.</summary>
/// <param name="Part">The part's id.</param>
/// <param name="Before">As it was; null where it was not there.</param>
/// <param name="After">As it became; null where it was deleted.</param>
public sealed record CommandChange(Guid Part, JobPart? Before, JobPart? After)
{
    /// <summary>A wire as it was, to be drawn; null where it was not there, or the part is no wire.</summary>
    public DrawnWire? WireBefore { get; init; }

    /// <summary>A wire as it became, to be drawn.</summary>
    public DrawnWire? WireAfter { get; init; }
}

/// <summary>A wire as it is drawn in one line.</summary>
/// <param name="Name">Its name.</param>
/// <param name="From">Where end A lands, as the landing is called now.</param>
/// <param name="To">Where end B lands.</param>
/// <param name="Says">Its size, build and material.</param>
/// <param name="Hue">The colour that its insulation has most of; null where nobody said.</param>
/// <param name="Stripe">Its stripe.</param>
public sealed record DrawnWire(string Name, string From, string To, string Says, Hue? Hue, Hue? Stripe);

/// <summary>What a command changed, part by part.</summary>
/// <param name="Changes">The first of them.</param>
/// <param name="Parts">How many there are.</param>
public sealed record CommandChanges(IReadOnlyList<CommandChange> Changes, int Parts);

/// <summary>A page of commands, newest first.</summary>
public sealed record CommandPage(IReadOnlyList<CommandItem> Items, long? Next);

/// <summary>Undoes a command.</summary>
/// <param name="Id">Made by the client, so that sending twice undoes once; null lets the server make it.</param>
public sealed record UndoCommand(Guid? Id = null);

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
    AcceptedDocument? Accepted
)
{
    /// <summary>What it would do to whom: stops are shown in this order.</summary>
    public Harm Harm { get; init; } = Harm.Craft;

    /// <summary>The key of the finding that it follows from; null where it stands for itself.</summary>
    public string? Follows { get; init; }

    /// <summary>The way in the network that it is about, from end to end; empty where it is about none.</summary>
    public required IReadOnlyList<WayStopDocument> Way { get; init; }
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
    CheckScope Scope,
    string Name,
    Guid? WireId,
    EndSide? Side,
    Guid? LandingId,
    Guid? DeviceId,
    Guid? CircuitId,
    bool Drawable = false,
    Guid? KeptId = null
);

/// <summary>An end drawn to scale.</summary>
/// <param name="Scene">The drawing.</param>
/// <param name="Material">The metal of its conductor.</param>
public sealed record EndDrawing(SceneDocument Scene, Material Material)
{
    /// <summary>The colour that the wire's insulation has most of; null where nobody said.</summary>
    public Hue? Hue { get; init; }

    /// <summary>Its stripe; null where it has none.</summary>
    public Hue? Stripe { get; init; }

    /// <summary>The colour of its ferrule's collar; null without one.</summary>
    public string? Collar { get; init; }
}

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
public sealed record FindingPage(IReadOnlyList<JobFindingDocument> Items, int? Next, IReadOnlyList<FindingGroup> Groups)
{
    /// <summary>How many are open of each harm, the worst harm first.</summary>
    public IReadOnlyList<HarmCount> Harms { get; init; } = [];
}

/// <summary>Open findings by what they would do to whom.</summary>
public sealed record HarmCount(Harm Harm, int Stops, int Fixes, int Notes);

/// <summary>Findings of one check.</summary>
/// <param name="Check">The check's id.</param>
/// <param name="Severity">How bad.</param>
/// <param name="Open">How many stand.</param>
/// <param name="Accepted">How many somebody took as they are.</param>
public sealed record FindingGroup(string Check, Severity Severity, int Open, int Accepted);

/// <summary>A finding that is taken as it is.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Key">The finding's key.</param>
/// <param name="Reason">Why, in 1 to 500 characters.</param>
public sealed record NewAcceptance(Guid Id, string Key, string Reason);

/// <summary>An end of a job, opened.</summary>
/// <param name="Wire">The wire.</param>
/// <param name="Where">Where it lands.</param>
/// <param name="Progress">How far it is.</param>
/// <param name="Recipe">How it goes in; null where wire or landing is not known.</param>
/// <param name="Section">It drawn to scale; null where wire or landing is not known.</param>
/// <param name="Found">What was wrong with it when it was looked at; null for work to be done.</param>
/// <param name="Splice">The joint that it is part of; null where it lands on something else, or a wire of the joint is
/// not known.</param>
public sealed record EndOpened(
    WireRow Wire,
    string? Where,
    EndProgress Progress,
    RecipeDocument? Recipe,
    SceneDocument? Section,
    FaultsFound? Found,
    JobSpliceDocument? Splice
);
