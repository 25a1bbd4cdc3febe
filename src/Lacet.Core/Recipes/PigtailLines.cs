using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Splices;

namespace Lacet.Core.Recipes;

/// <summary>The pigtail that reaches a device when the others are spliced to it.</summary>
internal static class PigtailLines
{
    internal static Alternative Of(EndPlan plan)
    {
        var rules = plan.Rules;
        var strip = TwistStrip.Of(rules.PigtailStrip);
        var wet =
            rules.WetSplice == WetSplice.CrimpSleeveInSealedTube
                ? "a crimp sleeve in a sealed tube"
                : "a twist-on connector with sealant";
        FormattableString how =
            plan.Conductor.Material == Material.Aluminium
                ? $"By a copper pigtail in a connector that is listed for aluminium with copper; do not twist."
            : rules.TwistBeforeConnector == TwistBeforeConnector.Yes
                ? (FormattableString)
                    $"By a pigtail: strip its splice end {strip:target}, twist clockwise, trim to {TwistStrip.Trimmed} or as the connector says. Wet: {wet}."
            : $"By a pigtail: strip, twist or not, and trim its splice end as the connector’s sheet says. In a wet place {wet}.";
        return new Alternative(
            plan.Conductor.Build == Build.Solid ? PreparationKind.Straight : PreparationKind.Twisted,
            strip,
            how
        );
    }
}
