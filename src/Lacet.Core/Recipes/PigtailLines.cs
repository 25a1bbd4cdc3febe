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
        FormattableString how = rules.TwistBeforeConnector == TwistBeforeConnector.Yes
            ? (FormattableString)$"twist clockwise with pliers, trim to {TwistStrip.Trimmed}, then the connector or its own value"
            : $"twist or not as the connector’s sheet says, and trim to its value";
        var wet = rules.WetSplice == WetSplice.CrimpSleeveInSealedTube ? "a crimp sleeve in a sealed tube" : "a twist-on connector with sealant";
        return new Alternative(
            plan.Conductor.Build == Build.Solid ? PreparationKind.Straight : PreparationKind.Twisted,
            strip,
            $"By a pigtail: strip its splice end {strip:target}; {how}. In a wet place {wet}.");
    }
}
