using System.Text.Json.Serialization;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Exchange.Documents;

/// <summary>A recipe as it is written in JSON, its sentences rendered in the reader's units.</summary>
public sealed record RecipeDocument(
    Verdict Verdict,
    WindowDocument? Strip,
    PreparationDocument Preparation,
    FerruleDocument? Ferrule,
    TorqueDocument? Torque,
    HoldingDocument? Holding,
    IReadOnlyList<string> Tools,
    IReadOnlyList<StepDocument> Steps,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<FindingDocument> Findings,
    IReadOnlyList<ReasonDocument> Reasons,
    IReadOnlyList<AlternativeDocument> Alternatives,
    string? Undo
)
{
    /// <summary>What rests on a usual value: what to read off the device, and where it is printed.</summary>
    public IReadOnlyList<ReadOff> ReadOff { get; init; } = [];

    /// <summary>What the wire may carry there; null where no table has it, and at a stop.</summary>
    public LimitsDocument? Limits { get; init; }

    /// <summary>Renders a recipe.</summary>
    public static RecipeDocument Of(Recipe recipe, ReaderFormat reader) =>
        new(
            recipe.Verdict,
            recipe.Strip is { } strip ? WindowDocument.Of(strip) : null,
            PreparationDocument.Of(recipe.Preparation, reader),
            recipe.Ferrule is { } ferrule ? FerruleDocument.Of(ferrule) : null,
            recipe.Torque is { } torque
                ? new(
                    torque.Window.Read(WindowPart.Target),
                    torque.Window.Read(WindowPart.Least),
                    torque.Window.Read(WindowPart.Most),
                    torque.Trust
                )
                {
                    ByHand = torque.ByHand.Read(),
                }
                : null,
            recipe.Holding is { } holding
                ? new(holding.Fastening, holding.Headline.Said(reader), holding.Detail.Said(reader))
                : null,
            [.. recipe.Tools.Select(t => t.Said(reader))],
            [.. recipe.Steps.Select(s => StepDocument.Of(s, reader))],
            [.. recipe.Cautions.Select(c => c.Said(reader))],
            [.. recipe.Findings.Select(f => FindingDocument.Of(f, reader))],
            [
                .. recipe.Reasons.Select(r => new ReasonDocument(
                    r.Rule,
                    r.Reading,
                    r.Text.Said(reader),
                    r.Source,
                    r.Trust
                )),
            ],
            [
                .. recipe.Alternatives.Select(a => new AlternativeDocument(
                    a.Kind,
                    WindowDocument.Of(a.Strip),
                    a.Text.Said(reader),
                    [.. a.Steps.Select(s => StepDocument.Of(s, reader))]
                )),
            ],
            recipe.Undo?.Said(reader)
        )
        {
            ReadOff = recipe.ReadOff,
            Limits = recipe.Ampacity is { } table ? new(table.Amps, table.Breaker, table.TemperatureC) : null,
        };
}

/// <summary>A window of lengths.</summary>
public sealed record WindowDocument(Readout Target, Readout Least, Readout Most)
{
    /// <summary>Renders a window.</summary>
    public static WindowDocument Of(Window<Length> window) =>
        new(window.Read(WindowPart.Target), window.Read(WindowPart.Least), window.Read(WindowPart.Most));

    /// <summary>Reads it back, as precisely as it was written.</summary>
    public Window<Length> Read() => new(new(Target.Value), new(Least.Value), new(Most.Value));
}

/// <summary>A window of torque, with its trust.</summary>
public sealed record TorqueDocument(Readout Target, Readout Least, Readout Most, Trust Trust)
{
    /// <summary>What feels tight by hand, which is commonly short; left out of records.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Readout? ByHand { get; init; }

    /// <summary>Reads it back, as precisely as it was written.</summary>
    public Window<Torque> Read() => new(new(Target.Value), new(Least.Value), new(Most.Value));
}

/// <summary>A preparation; direction and angle only for a hook.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Direction">"clockwise" for a hook.</param>
/// <param name="AngleDegrees">How far a hook goes round.</param>
/// <param name="Headline">In two or three words.</param>
/// <param name="Detail">What passes, in a line.</param>
public sealed record PreparationDocument(
    PreparationKind Kind,
    string? Direction,
    AngleDocument? AngleDegrees,
    string Headline,
    string Detail
)
{
    /// <summary>Renders a preparation.</summary>
    public static PreparationDocument Of(Preparation preparation, ReaderFormat reader) =>
        new(
            preparation.Kind,
            preparation.Hook is null ? null : "clockwise",
            preparation.Hook is { } hook ? new(hook.AngleTarget, hook.AngleLeast, Math.Round(hook.AngleMost, 1)) : null,
            preparation.Headline.Said(reader),
            preparation.Detail.Said(reader)
        );
}

/// <summary>What holds the end where nothing is tightened.</summary>
/// <param name="Fastening">What holds it.</param>
/// <param name="Headline">In a word or two.</param>
/// <param name="Detail">What the hand does.</param>
public sealed record HoldingDocument(Fastening Fastening, string Headline, string Detail);

/// <summary>How far a hook goes round, degrees.</summary>
public sealed record AngleDocument(double Target, double Least, double Most);

/// <summary>A ferrule.</summary>
public sealed record FerruleDocument(Readout Size, Readout Pin, ColourDocument? Colour, Collar Collar, bool Twin)
{
    /// <summary>Whether it is sold on belts; left out of records.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public bool? Belted { get; init; }

    /// <summary>Renders a ferrule.</summary>
    public static FerruleDocument Of(FerruleChoice ferrule) =>
        new(
            ferrule.Size.Read(),
            ferrule.Pin.Read(),
            ferrule.Colour is { } colour ? new(colour, FerruleChoice.Say(ferrule.Series)) : null,
            ferrule.Collar,
            ferrule.Twin
        )
        {
            Belted = !ferrule.Twin && BeltedTool.Takes(ferrule.Size),
        };
}

/// <summary>A collar's colour, in the series that gives it its meaning.</summary>
public sealed record ColourDocument(string Name, string Series);

/// <summary>A step.</summary>
public sealed record StepDocument(string Id, Operation Operation, string Text, string? HoldPoint)
{
    /// <summary>Renders a step.</summary>
    public static StepDocument Of(Step step, ReaderFormat reader) =>
        new(step.Id, step.Operation, step.Text.Said(reader), step.HoldPoint?.Said(reader));
}

/// <summary>What a wire may carry at a landing, as numbers.</summary>
/// <param name="Ampacity">A, in the column of the terminal.</param>
/// <param name="Breaker">The largest breaker that may protect it, A.</param>
/// <param name="TerminalTemperature">The column, °C.</param>
public sealed record LimitsDocument(double Ampacity, double Breaker, int TerminalTemperature);

/// <summary>A finding.</summary>
/// <param name="Check">The check's id.</param>
/// <param name="Severity">How bad.</param>
/// <param name="Says">What is wrong.</param>
/// <param name="Do">What to do.</param>
/// <param name="Source">The document and section.</param>
public sealed record FindingDocument(string Check, Severity Severity, string Says, string Do, string Source)
{
    /// <summary>What it would do to whom.</summary>
    public Harm Harm { get; init; } = Harm.Craft;

    /// <summary>The check whose finding is the root of this one; null where it stands for itself.</summary>
    public string? FollowsFrom { get; init; }

    /// <summary>Renders a finding.</summary>
    public static FindingDocument Of(Finding finding, ReaderFormat reader) =>
        new(finding.Check, finding.Severity, finding.Says.Said(reader), finding.Do.Said(reader), finding.Source)
        {
            Harm = finding.Harm,
            FollowsFrom = finding.FollowsFrom,
        };
}

/// <summary>A reason.</summary>
public sealed record ReasonDocument(string Rule, ReadingName Reading, string Text, string Source, Trust Trust);

/// <summary>Another way to prepare the end.</summary>
/// <param name="Kind">Its preparation.</param>
/// <param name="Strip">Its strip length.</param>
/// <param name="Text">What it would be.</param>
/// <param name="Steps">What to do for it, where it has steps of its own.</param>
public sealed record AlternativeDocument(
    PreparationKind Kind,
    WindowDocument Strip,
    string Text,
    IReadOnlyList<StepDocument> Steps
);
