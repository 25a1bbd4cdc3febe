using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>The pigtail that reaches a device when the others are spliced to it.</summary>
internal static class PigtailLines
{
    /// <summary>Twisted wires are trimmed to this before a twist-on connector goes on: 5/8 in (common practice, from memory).</summary>
    private static readonly Length Trimmed = Length.FromInches(5.0 / 8);

    private static readonly Window<Length> Usual = Around(1.5);

    private static readonly Window<Length> Learners = Around(3);

    internal static Alternative Of(EndPlan plan)
    {
        var rules = plan.Rules;
        var strip = rules.PigtailStrip == PigtailStrip.OneAndAHalfInches ? Usual : Learners;
        FormattableString how = rules.TwistBeforeConnector == TwistBeforeConnector.Yes
            ? (FormattableString)$"twist clockwise with pliers, trim to {Trimmed}, then the connector or its own value"
            : $"twist or not as the connector’s sheet says, and trim to its value";
        var wet = rules.WetSplice == WetSplice.CrimpSleeveInSealedTube ? "a crimp sleeve in a sealed tube" : "a twist-on connector with sealant";
        return new Alternative(
            plan.Conductor.Build == Build.Solid ? PreparationKind.Straight : PreparationKind.Twisted,
            strip,
            $"By a pigtail: strip its splice end {strip:target}; {how}. In a wet place {wet}.");
    }

    private static Window<Length> Around(double inches) =>
        new(Length.FromInches(inches), Length.FromInches(inches - 0.125), Length.FromInches(inches + 0.125));
}
