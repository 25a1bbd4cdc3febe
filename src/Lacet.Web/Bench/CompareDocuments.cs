using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Bench;

/// <summary>One wire, and landings that it might go into.</summary>
public sealed record CompareRequest
{
    /// <summary>So many at once.</summary>
    public const int Most = 6;

    /// <summary>The wire.</summary>
    public required ConductorDocument Conductor { get; init; }

    /// <summary>From one to six; one that is only its kind stands for the usual one.</summary>
    public required IReadOnlyList<LandingDocument> Landings { get; init; }

    /// <summary>House rules; what is left out is the default.</summary>
    public HouseRules? HouseRules { get; init; }

    /// <summary>Which unit leads in sentences.</summary>
    public Lead Lead { get; init; }
}

/// <summary>How a wire goes into one of the landings, beside the others.</summary>
/// <param name="Kind">The landing's kind.</param>
/// <param name="Landing">What the landing is, in words.</param>
/// <param name="Minutes">One end, by a practised hand, min; null at a stop.</param>
/// <param name="Needs">What it needs besides the wire: tools, ferrule, ring.</param>
/// <param name="Reopens">How it is undone; null at a stop.</param>
/// <param name="Vibration">holds, locks or loosens.</param>
/// <param name="VibrationSays">Why, in a sentence.</param>
/// <param name="Recipe">The rest: verdict, strip, preparation, torque, findings, reasons.</param>
/// <param name="Section">The end in its landing, to scale.</param>
public sealed record ComparedDocument(
    string Kind,
    string Landing,
    double? Minutes,
    IReadOnlyList<string> Needs,
    string? Reopens,
    StandsVibration Vibration,
    string VibrationSays,
    RecipeDocument Recipe,
    SceneDocument Section
)
{
    internal static ComparedDocument Of(Conductor conductor, Landing landing, HouseRules rules, ReaderFormat reader)
    {
        var atHand = new EndAtHand(conductor, landing, rules);
        var recipe = RecipeBook.For(atHand);
        var traits = LandingTraits.For(landing.Kind);
        var goes = recipe.Verdict != Verdict.Stop;
        var said = RecipeDocument.Of(recipe, reader);
        return new(
            landing.Kind,
            landing.SaidAs,
            goes ? traits.Minutes : null,
            recipe.Ferrule is null ? said.Tools : [said.Preparation.Headline, .. said.Tools],
            said.Undo,
            traits.Vibration,
            traits.Says.Said(reader),
            said,
            SceneDocument.Of(EndSection.Of(atHand, new AsMade(null, null)), reader)
        );
    }
}
