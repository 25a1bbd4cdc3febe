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

    /// <summary>Draws an end to scale: see <see cref="Of(EndAtHand, AsMade?)"/>.</summary>
    public static Scene Of(Conductor conductor, Landing landing, HouseRules rules, AsMade? made = null) =>
        Of(new EndAtHand(conductor, landing, rules), made);

    /// <summary>
    /// Draws an end to scale. A measured strip is drawn as measured, and what is wrong with it shows; without one, the
    /// target is drawn. A wire that does not fit is drawn outside its landing.
    /// </summary>
    public static Scene Of(EndAtHand atHand, AsMade? made = null)
    {
        var (conductor, landing) = (atHand.Conductor, atHand.Landing);
        var plan = new EndPlan(atHand);
        if (RecipeBook.For(atHand).Strip is not { } strip)
        {
            return Refused(plan);
        }

        var length = made?.MeasuredStrip?.Millimetres ?? strip.Target.Millimetres;
        var sheet = new Sheet();
        Stripped(plan, strip, length, made?.MeasuredStrip, sheet);
        var landed = new Sheet();
        LandingPen.Draw(new DrawnEnd(plan, length, strip, landed));
        sheet.Put(landed, 0, sheet.Bottom + Gap - landed.Top);
        return new Scene(
            sheet.Parts,
            sheet.Dimensions,
            made?.MeasuredStrip is { } measured
                ? (FormattableString)
                    $"{conductor.ToString()} stripped {measured}, drawn in its {landing.SaidAs}. {strip:range} passes."
                : $"{conductor.ToString()} stripped {strip:target}, drawn in its {landing.SaidAs}. {strip:range} passes."
        );
    }

    private static void Stripped(EndPlan plan, Window<Length> strip, double length, Length? measured, Sheet sheet)
    {
        var conductor = plan.Conductor;
        var half = conductor.InsulationOuterDiameter.Millimetres / 2;
        if (strip.Most.Millimetres > 0)
        {
            sheet.Box(
                "strip-window",
                PartKind.StripWindow,
                strip.Least.Millimetres,
                -half - 1,
                Math.Max(strip.Most.Millimetres, strip.Least.Millimetres + 0.2),
                half + 1
            );
        }

        sheet.Parts.AddRange(WirePen.Bare("stripped", conductor, 0, length));
        sheet.Parts.Add(WirePen.Insulation("stripped", conductor, 0));
        sheet.Dimensions.Add(
            new SceneDimension(
                measured is null ? "strip" : "measured",
                0,
                length,
                -half - 3,
                -half,
                measured?.Read() ?? strip.Read(WindowPart.Target)
            )
        );
    }

    private static Scene Refused(EndPlan plan)
    {
        var sheet = new Sheet();
        sheet.Parts.AddRange(WirePen.Bare("refused", plan.Conductor, 0, plan.Conductor.Diameter.Millimetres * 1.5));
        sheet.Parts.Add(WirePen.Insulation("refused", plan.Conductor, 0));
        var landing = new Sheet();
        LandingPen.Alone(plan.Landing, landing);
        LandingPen.Measure(plan.Landing, landing);
        sheet.Put(landing, sheet.Right + 3 - landing.Left, 0);
        return new Scene(
            sheet.Parts,
            sheet.Dimensions,
            $"{plan.Conductor.ToString()} beside a {plan.Landing.SaidAs}, to one scale. It does not go in."
        );
    }
}
