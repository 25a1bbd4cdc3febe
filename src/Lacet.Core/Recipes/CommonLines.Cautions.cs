using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <content>Cautions, and how it lies afterwards.</content>
internal static partial class CommonLines
{
    /// <summary>Cautions that the wire and its stripping bring along.</summary>
    internal static List<FormattableString> Cautions(EndPlan plan, params IEnumerable<FormattableString> own)
    {
        var cautions = own.ToList();
        if ((plan.AtHand.StrippingTool ?? StripTool.KindFor(plan.Conductor)) == StrippingTool.Knife)
        {
            cautions.Add(CutAway);
        }

        if (plan.Landing.IsVisible == false)
        {
            cautions.Add($"It cannot be seen where it seats: by feel, and the wire behind the tag, not under it.");
        }

        if (plan.Landing.IsAccessible == false)
        {
            cautions.Add($"It cannot be reached once the rest is in: land it first, and leave slack to lift it out.");
        }

        return cautions;
    }

    /// <summary>Which conductor goes where on a device, in the colours of the region, and in which order.</summary>
    internal static IEnumerable<FormattableString> OnDevices(EndPlan plan)
    {
        yield return plan.Rules.Region == Region.NorthAmerica
            ? (FormattableString)
                $"Line (black, red, blue) to brass, neutral (white, grey) to silver, earth (green or bare) to green. Colour misleads: prove it with a meter."
            : $"Line (brown, black, grey) to L, neutral (blue) to N, earth (green-yellow) to its sign. Colour misleads: prove it with a meter.";
        yield return plan.Rules.LandingOrder == LandingOrder.EarthNeutralHot
            ? (FormattableString)$"Land earth first, then neutral, then line; on disconnecting the reverse."
            : $"Land in the order of the drawing.";
    }

    /// <summary>
    /// What a screw of a receptacle, switch, control device or lampholder asks for besides; nothing where nobody said
    /// what it is on.
    /// </summary>
    internal static IEnumerable<FormattableString> On(EndPlan plan, ScrewOn? on)
    {
        var isAmerican = plan.Rules.Region == Region.NorthAmerica;
        if (on is ScrewOn.Receptacle)
        {
            yield return $"Ground-fault devices: the supply on LINE, what is protected downstream on LOAD; press Test and then Reset when it is live again.";
        }

        if (on is ScrewOn.Receptacle && isAmerican)
        {
            yield return $"Break-off tabs between the halves: line and neutral are judged apart; leave both on unless the drawing splits them.";
            yield return $"No earth in the box: a ground-fault device marked “no equipment ground”, or two slots (NEC 406.4(D)). Never tie neutral to the earth screw.";
        }

        if (on is ScrewOn.Switch)
        {
            yield return $"A switch breaks the line, never the neutral.";
        }

        if (on is ScrewOn.Lampholder)
        {
            yield return $"The neutral goes to the screw of the shell: a hand that changes the lamp may touch it.";
        }

        if (on is ScrewOn.ControlDevice)
        {
            yield return $"Control wires go by the diagram’s numbers, not by their colours.";
        }
        else
        {
            foreach (var line in OnDevices(plan))
            {
                yield return line;
            }
        }
    }

    /// <summary>The twist that a bare stranded end gets where it is pushed in or clamped without a ferrule.</summary>
    internal static IEnumerable<Step> Twist(EndPlan plan) =>
        plan.Conductor.Build == Build.Solid || plan.Ferrule is not null
            ? []
            :
            [
                new Step(
                    "twist",
                    Operation.Prepare,
                    $"Twist the strands tight, with their lay.",
                    $"Round and firm: no strand stands out, and none lies across another."
                ),
            ];

    private static FormattableString How(EndPlan plan, StrippingTool kind, Window<Length> strip, bool twists)
    {
        var conductor = plan.Conductor;
        var name = conductor.Size.Name;
        var lay =
            conductor.Build == Build.Solid ? ""
            : twists ? " Keep the strands together."
            : " Keep the strands’ lay.";
        return kind switch
        {
            StrippingTool.Hole when conductor.Build == Build.Solid => (FormattableString)
                $"Strip {strip:target}. Hole marked {name} solid: fingers hold, the thumb pushes straight off; or tilt back, pop, draw straight. Never turn.",
            StrippingTool.Hole =>
                $"Strip {strip:target}. Hole marked {name} stranded: fingers hold, the thumb pushes straight off.{lay}",
            StrippingTool.Automatic =>
                $"Strip {strip:target}. Automatic stripper: the slot for {name}, its stop set to the length; it must not bite strands.{lay}",
            StrippingTool.Rotary =>
                $"Strip {strip:target}. Rotary stripper: fit the die, lock it, set the stop to the length, feed to the stop, let it turn.",
            _ when conductor.Size.Area.SquareMillimetres < 16 =>
                $"Strip {strip:target}. Knife, no stripper: roll the wire lightly under the blade, bend to open the cut, draw it off. Never down to the metal.",
            _ =>
                $"Strip {strip:target}. Knife: ring it lightly all round, bend to open the cut, draw off turning with the lay. Never down to the metal.",
        };
    }

    /// <summary>
    /// A wire bends no tighter than eight times its outside, five where it is fine-stranded (common practice).
    /// </summary>
    private static FormattableString Dress(EndPlan plan)
    {
        var (times, over) = (
            plan.Conductor.Build == Build.FineStranded ? 5 : 8,
            plan.Conductor.InsulationOuterDiameter.Millimetres
        );
        return $"Dress it: a little slack, no bend tighter than {new Length(Math.Ceiling(times * over)):mm} radius.";
    }
}
