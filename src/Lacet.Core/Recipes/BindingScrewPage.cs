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
            Preparation.OfHook(hook),
            [
                $"{StripTool.For(plan.Conductor)}",
                $"long-nose pliers, to bend and close the hook",
                CommonLines.TorqueTool(plan, "slotted or combination bit: a cross bit cams out first"),
            ],
            Steps(plan, landing, strip),
            Cautions(plan),
            Reasons(plan, landing, strip),
            [
                new Alternative(
                    PreparationKind.Hook,
                    hook.EyeStrip,
                    $"As a closed eye: strip {hook.EyeStrip:target}, bend at {HookGeometry.EyeLead} and go round 320°; the screw must come right out."),
                PigtailLines.Of(plan),
            ],
            $"Make it dead. Turn the screw out, lift the hook off, and cut it off behind the bend: copper hardens there, and a bent hook is never used again.");
    }

    private static List<Step> Steps(EndPlan plan, BindingScrew landing, Window<Length> strip)
    {
        var closed = plan.Rules.HookClosing == HookClosing.Closed;
        return
        [
            CommonLines.ProveDead(plan),
            CommonLines.Strip(plan, strip),
            HookLines.Bend(plan, landing.Screw),
            new Step(
                "land-hook",
                Operation.Land,
                closed
                    ? (FormattableString)$"Lay the hook round the screw so that it runs clockwise, insulation at the head’s edge, and squeeze it closed."
                    : $"Lay the hook round the screw so that it runs clockwise, insulation at the head’s edge; leave it open, by house rule.",
                $"0 to 2 mm of bare metal shows past the head, no insulation under it, no other wire."),
            CommonLines.Tighten(plan),
            .. CommonLines.Check(
                plan,
                $"Tug the wire by hand; look round the head.",
                plan.Conductor.Build == Build.Solid ? (FormattableString)$"It does not move, and no bare metal touches anything else." : $"It does not move, and no strand stands out."),
        ];
    }

    private static List<FormattableString> Cautions(EndPlan plan) => CommonLines.Cautions(
        plan, [$"One wire under the screw, never two (NEC 110.14(A)).", .. HookLines.Cautions(plan), .. CommonLines.OnDevices(plan), .. CommonLines.Receptacle]);

    private static List<Reason> Reasons(EndPlan plan, BindingScrew landing, Window<Length> strip)
    {
        var hook = plan.Hook!;
        return
        [
            HookLines.LengthReason(hook, strip),
            HookLines.ScrewReason(landing.Screw, landing.ScrewIsGiven, "receptacles"),
            HookLines.Clockwise,
            plan.Torque!.Reason,
            plan.Conductor.InsulationReason(),
        ];
    }
}
