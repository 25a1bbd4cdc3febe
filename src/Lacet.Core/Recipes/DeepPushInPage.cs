using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of an end in the deep throat of a machine.</summary>
internal static class DeepPushInPage
{
    private static readonly Preparation TwistedTight = new(
        PreparationKind.Twisted, $"Twist tight", $"Straight, strands twisted tight with their lay, no ferrule.");

    internal static Page Write(EndPlan plan, DeepPushIn landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule) : plan.Conductor.Build == Build.Solid ? Preparation.Straight : TwistedTight,
            [$"{StripTool.For(plan.Conductor)}", .. plan.Ferrule is { } crimped ? (IEnumerable<FormattableString>)[FerruleLines.Tool(crimped)] : [], $"small pliers with smooth jaws, to seat the end"],
            Steps(plan, strip),
            CommonLines.Cautions(plan, [landing.Ferrule == FerruleAcceptance.Forbidden ? (FormattableString)$"No ferrule: on such terminals it locks in, and the copper pulls out of it." : $"Read the sheet before a ferrule goes in: on some of these terminals it locks in.", .. FerruleLines.Cautions(plan)]),
            [CommonLines.DepthReason(landing, bare), CommonLines.RangeReason(plan, landing), .. FerruleLines.Reasons(plan, landing), CommonLines.HeldBy("held-by-spring", "the machine’s sheet; common practice", $"The contact sits deep and springs on the bare end; the insulation goes inside with it.")],
            FerruleLines.Alternatives(plan, landing, bare),
            $"Make it dead. Press the release beside the throat with a thin blade, hold it, and draw the wire out; twist the strands again before it goes back.");
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
    [
        CommonLines.ProveDead(plan),
        CommonLines.Strip(plan, strip),
        .. plan.Ferrule is { } sleeved ? FerruleLines.Steps(plan, sleeved) : [],
        new Step("land-straight", Operation.Land, $"Bend the wire first to the way it will run. Take the end in pliers and push it straight down the throat, one wire at a time, until it stops: the insulation goes inside.", $"No bare metal shows, and the insulation stands inside the throat."),
        .. CommonLines.Check(plan, $"Tug each wire by hand before the next goes in.", $"It does not move, and no strand stands back in the throat."),
    ];
}
