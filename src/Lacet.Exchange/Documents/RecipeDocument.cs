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
    string? Undo)
{
    /// <summary>Renders a recipe.</summary>
    public static RecipeDocument Of(Recipe recipe, UnitLead lead) => new(
        recipe.Verdict,
        recipe.Strip is { } strip ? WindowDocument.Of(strip) : null,
        PreparationDocument.Of(recipe.Preparation, lead),
        recipe.Ferrule is { } ferrule ? FerruleDocument.Of(ferrule) : null,
        recipe.Torque is { } torque
            ? new(
                torque.Window.Read(WindowPart.Target), torque.Window.Read(WindowPart.Least), torque.Window.Read(WindowPart.Most), torque.Trust)
            {
                ByHand = torque.ByHand.Read(),
            }
            : null,
        recipe.Holding is { } holding ? new(holding.Fastening, holding.Headline.ToString(lead), holding.Detail.ToString(lead)) : null,
        [.. recipe.Tools.Select(t => t.ToString(lead))],
        [.. recipe.Steps.Select(s => new StepDocument(s.Id, s.Operation, s.Text.ToString(lead), s.HoldPoint?.ToString(lead)))],
        [.. recipe.Cautions.Select(c => c.ToString(lead))],
        [.. recipe.Findings.Select(f => FindingDocument.Of(f, lead))],
        [.. recipe.Reasons.Select(r => new ReasonDocument(r.Rule, r.Reading, r.Text.ToString(lead), r.Source, r.Trust))],
        [.. recipe.Alternatives.Select(a => new AlternativeDocument(a.Kind, WindowDocument.Of(a.Strip), a.Text.ToString(lead)))],
        recipe.Undo?.ToString(lead));
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
    PreparationKind Kind, string? Direction, AngleDocument? AngleDegrees, string Headline, string Detail)
{
    /// <summary>Renders a preparation.</summary>
    public static PreparationDocument Of(Preparation preparation, UnitLead lead) => new(
        preparation.Kind,
        preparation.Hook is null ? null : "clockwise",
        preparation.Hook is { } hook ? new(hook.AngleTarget, hook.AngleLeast, Math.Round(hook.AngleMost, 1)) : null,
        preparation.Headline.ToString(lead),
        preparation.Detail.ToString(lead));
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
    public static FerruleDocument Of(FerruleChoice ferrule) => new(
        ferrule.Size.Read(),
        ferrule.Pin.Read(),
        ferrule.Colour is { } colour ? new(colour, FerruleChoice.Say(ferrule.Series)) : null,
        ferrule.Collar,
        ferrule.Twin)
    {
        Belted = !ferrule.Twin && BeltedTool.Takes(ferrule.Size),
    };
}

/// <summary>A collar's colour, in the series that gives it its meaning.</summary>
public sealed record ColourDocument(string Name, string Series);

/// <summary>A step.</summary>
public sealed record StepDocument(string Id, Operation Operation, string Text, string? HoldPoint);

/// <summary>A finding.</summary>
public sealed record FindingDocument(string Check, Severity Severity, string Says, string Do, string Source)
{
    /// <summary>Renders a finding.</summary>
    public static FindingDocument Of(Finding finding, UnitLead lead) =>
        new(finding.Check, finding.Severity, finding.Says.ToString(lead), finding.Do.ToString(lead), finding.Source);
}

/// <summary>A reason.</summary>
public sealed record ReasonDocument(string Rule, ReadingName Reading, string Text, string Source, Trust Trust);

/// <summary>Another way to prepare the end.</summary>
public sealed record AlternativeDocument(PreparationKind Kind, WindowDocument Strip, string Text);
