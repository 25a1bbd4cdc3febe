using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Exchange.Shelf;

namespace Lacet.Exchange.Tests;

/// <summary>
/// Every landing of the Shelf with every stocked wire, solid, stranded and fine, copper and aluminium.
/// </summary>
public static class Matrix
{
    /// <summary>Each pair with its recipe under the usual house rules; wires that nobody makes are left out.</summary>
    public static IEnumerable<(string Landing, Conductor Wire, Recipe Recipe)> Recipes()
    {
        foreach (var item in ShippedShelf.Items.OfType<LandingItem>())
        {
            var landing = item.Landing.Read();
            foreach (var wire in Wires)
            {
                yield return (item.Code, wire, RecipeBook.For(wire, landing, HouseRules.Default));
            }
        }
    }

    /// <summary>Every text of a recipe that somebody reads as a sentence.</summary>
    public static IEnumerable<FormattableString> Sentences(Recipe recipe) =>
        [
            .. recipe.Steps.SelectMany(Texts),
            .. recipe.Cautions,
            .. recipe.Findings.SelectMany(f => new[] { f.Says, f.Do }),
            .. recipe.Reasons.Select(r => r.Text),
            .. recipe.Alternatives.SelectMany(a => new[] { a.Text }.Concat(a.Steps.SelectMany(Texts))),
            .. recipe.Tools,
            recipe.Preparation.Detail,
            .. recipe.Undo is null ? Array.Empty<FormattableString>() : [recipe.Undo],
        ];

    private static IEnumerable<FormattableString> Texts(Step step) =>
        step.HoldPoint is null ? [step.Text] : [step.Text, step.HoldPoint];

    private static IReadOnlyList<Conductor> Wires { get; } =
    [
        .. from size in ConductorSize.Stocked
        from build in Enum.GetValues<Build>()
        from material in Enum.GetValues<Material>()
        let wire = Made(size, build, material)
        where wire is not null
        select wire,
    ];

    private static Conductor? Made(ConductorSize size, Build build, Material material)
    {
        try
        {
            return Conductor.Of(size, build, material);
        }
        catch (ImpossibleInputException)
        {
            return null;
        }
    }
}
