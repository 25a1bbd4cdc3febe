using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Core.Drawings;

/// <summary>
/// The section: above, the end stripped, with its window; below, the same end in its landing. Both have the cut of the
/// insulation at x = 0, so the eye carries the length from one to the other.
/// </summary>
public static class EndSection
{
    private const double Gap = 5.5;

    /// <summary>
    /// Draws an end to scale. A measured strip is drawn as measured, and what is wrong with it shows; without one, the
    /// target is drawn. A wire that does not fit is drawn outside its landing.
    /// </summary>
    public static Scene Of(Conductor conductor, Landing landing, HouseRules rules, AsMade? made = null)
    {
        var plan = new EndPlan(conductor, landing, rules);
        var recipe = RecipeBook.For(conductor, landing, rules);
        if (recipe.Strip is not { } strip)
        {
            return Refused(plan);
        }

        var length = made?.MeasuredStrip?.Millimetres ?? strip.Target.Millimetres;
        var parts = new List<ScenePart>();
        var dimensions = new List<SceneDimension>();
        Stripped(plan, strip, length, made?.MeasuredStrip, parts, dimensions);
        var below = parts.Max(p => p.Box.Bottom) + Gap;
        switch (landing)
        {
            case BindingScrew screw:
                UnderScrew.Draw(plan, screw, length, below, parts, dimensions);
                break;
            case ScrewClampBlock block:
                InClamp.Draw(plan, block, length, below, parts, dimensions);
                break;
        }

        return new Scene(parts, dimensions, made?.MeasuredStrip is { } measured
            ? (FormattableString)$"{conductor.ToString()} stripped {measured}, drawn in its {landing.SaidAs}. {strip:range} passes."
            : $"{conductor.ToString()} stripped {strip:target}, drawn in its {landing.SaidAs}. {strip:range} passes.");
    }

    private static void Stripped(
        EndPlan plan, Window<Length> strip, double length, Length? measured, List<ScenePart> parts, List<SceneDimension> dimensions)
    {
        var conductor = plan.Conductor;
        var half = conductor.InsulationOuterDiameter.Millimetres / 2;
        parts.Add(new ScenePart(
            "strip-window",
            PartKind.StripWindow,
            ScenePath.Rectangle(strip.Least.Millimetres, -half - 1, Math.Max(strip.Most.Millimetres, strip.Least.Millimetres + 0.2), half + 1)));
        parts.AddRange(WirePen.Bare("stripped", conductor, 0, length));
        parts.Add(WirePen.Insulation("stripped", conductor, 0));
        dimensions.Add(new SceneDimension(
            measured is null ? "strip" : "measured",
            0,
            length,
            -half - 3,
            -half,
            measured?.Read() ?? strip.Read(WindowPart.Target)));
    }

    private static Scene Refused(EndPlan plan)
    {
        var parts = new List<ScenePart>();
        var dimensions = new List<SceneDimension>();
        parts.AddRange(WirePen.Bare("refused", plan.Conductor, 0, plan.Conductor.Diameter.Millimetres * 1.5));
        parts.Add(WirePen.Insulation("refused", plan.Conductor, 0));
        var right = parts.Max(p => p.Box.Right) + 3;
        switch (plan.Landing)
        {
            case BindingScrew screw:
                var radius = screw.Screw.HeadDiameter / 2;
                UnderScrew.Head(screw, right + radius, 0, parts);
                dimensions.Add(new SceneDimension(
                    "head", right, right + (2 * radius), radius + 2, 0, new Length(screw.Screw.HeadDiameter).Read()));
                break;
            case ScrewClampBlock block:
                InClamp.Block(block, right, 0, parts);
                dimensions.Add(new SceneDimension(
                    "depth", right, right + block.StripDepth.Millimetres, parts.Max(p => p.Box.Bottom) + 2, 0, block.StripDepth.Read()));
                break;
        }

        return new Scene(
            parts, dimensions, $"{plan.Conductor.ToString()} beside a {plan.Landing.SaidAs}, to one scale. It does not go in.");
    }
}
