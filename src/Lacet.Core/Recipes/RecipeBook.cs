using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>
/// Puts the crafts together: conductor + landing + house rules → recipe. Pure: no clock, no chance, no storage.
/// </summary>
public static class RecipeBook
{
    /// <summary>The recipe of one end.</summary>
    public static Recipe For(Conductor conductor, Landing landing, HouseRules rules) =>
        For(new EndAtHand(conductor, landing, rules));

    /// <summary>The recipe of what is in the hand.</summary>
    public static Recipe For(EndAtHand atHand)
    {
        var plan = new EndPlan(atHand);
        var findings = EndChecks.Judge(plan);
        if (findings.Any(f => f.Severity == Severity.Stop))
        {
            // Advice that only makes sense for a wire that goes in would bury the reason why it doesn't.
            var stops = findings.Where(f => f.Severity == Severity.Stop).ToList();
            return new Recipe(
                Verdict.Stop,
                null,
                Preparation.Nothing,
                null,
                null,
                null,
                [],
                [],
                [],
                stops,
                [.. stops.Select(f => new Reason(f.Check, ReadingName.Fit, f.Trust, f.Source, f.Says))],
                [],
                null
            );
        }

        var page = Open(plan);
        var readOff = ReadOff.Of(plan).ToList();
        return new Recipe(
            findings.Any(f => f.Severity == Severity.Fix) ? Verdict.Caution
                : readOff.Count > 0 ? Verdict.Read
                : Verdict.Go,
            page.Strip,
            page.Preparation,
            plan.Ferrule,
            plan.Torque,
            atHand.Landing.IsTightened ? null : Holding.Of(atHand.Landing.Fastening),
            page.Tools,
            EntryLines.Before(plan, page.Strip, page.Steps),
            [.. page.Cautions, .. EntryLines.Cautions(atHand)],
            // What is to be read off is said beside its reading, and not a second time among the findings.
            [.. findings.Where(f => f.Check is not TorqueNotMarked.Check)],
            CommonLines.WithAmpacity(plan, page.Reasons),
            page.Alternatives,
            page.Undo
        )
        {
            ReadOff = readOff,
            Ampacity = plan.Ampacity,
        };
    }

    private static Page Open(EndPlan plan) =>
        plan.Landing switch
        {
            BindingScrew landing => BindingScrewPage.Write(plan, landing),
            BackWireClamp landing => BackWireClampPage.Write(plan, landing),
            BackStab landing => BackStabPage.Write(plan, landing),
            LeverClamp landing => LeverClampPage.Write(plan, landing),
            ScrewClampBlock landing => ScrewClampBlockPage.Write(plan, landing),
            SpringCageBlock landing => SpringCageBlockPage.Write(plan, landing),
            PushInBlock landing => PushInBlockPage.Write(plan, landing),
            DeepPushIn landing => DeepPushInPage.Write(plan, landing),
            InsulationDisplacement landing => InsulationDisplacementPage.Write(plan, landing),
            Stud landing => StudPage.Write(plan, landing),
            SetScrewLug landing => SetScrewLugPage.Write(plan, landing),
            CrimpedLug landing => CrimpedLugPage.Write(plan, landing),
            PlugScrew landing => PlugScrewPage.Write(plan, landing),
            SolderLug landing => SolderLugPage.Write(plan, landing),
            var landing => throw new ArgumentOutOfRangeException(
                nameof(plan),
                landing.Kind,
                "There is no recipe for this kind."
            ),
        };
}
