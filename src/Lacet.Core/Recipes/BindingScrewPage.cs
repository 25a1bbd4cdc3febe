using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a hook under a binding screw.</summary>
internal static class BindingScrewPage
{
    internal static Page Write(EndPlan plan, BindingScrew landing)
    {
        var hook = plan.Hook!;
        var strip = hook.Strip;
        return new Page(
            strip,
            new Preparation(PreparationKind.Hook, hook),
            [
                $"{StripTool.For(plan.Conductor)}",
                $"long-nose pliers, to bend and close the hook",
                CommonLines.TorqueTool(plan, "slotted or combination bit: a cross bit cams out first"),
            ],
            Steps(plan, landing, strip),
            Cautions(plan),
            Reasons(plan, landing, strip),
            [new Alternative(
                PreparationKind.Hook,
                hook.EyeStrip,
                $"As a closed eye: strip {hook.EyeStrip:target}, bend at {HookGeometry.EyeLead} and go round 320°; the screw must come right out.")]);
    }

    private static List<Step> Steps(EndPlan plan, BindingScrew landing, Window<Length> strip)
    {
        var hook = plan.Hook!;
        var twist = plan.Conductor.Build == Build.Solid ? "" : "Twist the strands tight, clockwise. ";
        return
        [
            CommonLines.ProveDead,
            CommonLines.Strip(plan, strip),
            new Step(
                "bend-hook",
                Operation.Prepare,
                $"{twist}Bend a hook round the {landing.Screw.Name} screw’s size, clockwise: {hook.AngleTarget:0}°, three quarters of a turn.",
                $"It goes {hook.AngleLeast:0}° to {Math.Floor(hook.AngleMost):0}° round, flat, and its tip stays off the insulation."),
            new Step(
                "land-hook",
                Operation.Land,
                $"Lay the hook round the screw so that it runs clockwise, insulation at the head’s edge, and squeeze it closed.",
                $"0 to 2 mm of bare metal shows past the head, no insulation under it, no other wire."),
            CommonLines.Tighten(plan, $"Tighten once, smoothly, to {plan.Torque.Window:target}."),
            new Step(
                "check",
                Operation.Check,
                $"Tug the wire by hand; look round the head.",
                plan.Conductor.Build == Build.Solid ? (FormattableString)$"It does not move, and no bare metal touches anything else." : $"It does not move, and no strand stands out."),
        ];
    }

    private static List<FormattableString> Cautions(EndPlan plan)
    {
        var cautions = new List<FormattableString>(4)
        {
            CommonLines.DeadFirst,
            $"One wire under the screw, never two (NEC 110.14(A)).",
        };
        if (plan.Conductor.Build != Build.Solid)
        {
            cautions.Add($"Strands under a screw: twist tight, catch every one, never tin them; solder creeps.");
        }

        if (plan.Torque.Trust == Trust.CommonPractice)
        {
            cautions.Add($"Find the marking: the torque shown is only what is usual.");
        }

        return cautions;
    }

    private static List<Reason> Reasons(EndPlan plan, BindingScrew landing, Window<Length> strip)
    {
        var hook = plan.Hook!;
        var reasons = new List<Reason>(5)
        {
            new(
                "hook-length",
                ReadingName.Strip,
                Trust.Handbook,
                "geometry of the hook; 0 to 2 mm of bare metal showing, common practice",
                $"The wire’s middle runs {new Length(hook.Radius)} from the screw’s centre. {hook.AngleTarget:0}° of that circle is {new Length(hook.ArcLength(hook.AngleTarget))}, and {new Length(hook.LeadTarget)} more brings the insulation to the head’s edge: {strip:target}."),
            landing.ScrewIsGiven
                ? new(
                    "screw-size",
                    ReadingName.Strip,
                    Trust.Standard,
                    ScrewSize.Source,
                    $"A {landing.Screw.Name} screw is {landing.Screw.MajorDiameter:0.00} mm over the thread and {landing.Screw.HeadDiameter:0.0} mm over the head.")
                : new("screw-size", ReadingName.Strip, Trust.Generic, "common practice", $"The screw is taken as {landing.Screw.Name}, which most receptacles have. Say which it is."),
            new(
                "hook-clockwise",
                ReadingName.Prepare,
                Trust.Handbook,
                "every wiring handbook",
                $"Clockwise, so that the turning screw draws the hook in instead of pushing it out."),
            plan.Torque.Reason,
            plan.Conductor.InsulationReason(),
        };
        return reasons;
    }
}
