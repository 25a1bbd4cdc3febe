using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>Puts the crafts together: conductor + landing + house rules → recipe. Pure: no clock, no chance, no storage.</summary>
public static class RecipeBook
{
    private static readonly Preparation Nothing = new(PreparationKind.None, null);

    /// <summary>The recipe of one end.</summary>
    public static Recipe For(Conductor conductor, Landing landing, HouseRules rules)
    {
        var plan = new EndPlan(conductor, landing, rules);
        var findings = EndChecks.Judge(plan);
        if (findings.Any(f => f.Severity == Severity.Stop))
        {
            // Advice that only makes sense for a wire that goes in would bury the reason why it doesn't.
            var stops = findings.Where(f => f.Severity == Severity.Stop).ToList();
            return new Recipe(
                Verdict.Stop, null, Nothing, null, null, [], [], [], stops,
                [.. stops.Select(f => new Reason(f.Check, ReadingName.Fit, f.Trust, f.Source, f.Says))], []);
        }

        var page = landing switch
        {
            BindingScrew screw => BindingScrewPage.Write(plan, screw),
            ScrewClampBlock block => ScrewClampBlockPage.Write(plan, block),
            _ => throw new ArgumentOutOfRangeException(nameof(landing), landing.Kind, "There is no recipe for this kind."),
        };
        var wanting = findings.Any(f => f.Severity == Severity.Fix)
            || page.Reasons.Any(r => r.Trust >= Trust.CommonPractice);
        return new Recipe(
            wanting ? Verdict.Caution : Verdict.Go,
            page.Strip,
            page.Preparation,
            plan.Ferrule,
            plan.Torque,
            page.Tools,
            page.Steps,
            page.Cautions,
            findings,
            page.Reasons,
            page.Alternatives);
    }
}
