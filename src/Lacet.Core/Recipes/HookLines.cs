using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a hook adds to a recipe, under every screw that takes one.</summary>
internal static class HookLines
{
    internal static Reason Clockwise { get; } = new(
        "hook-clockwise",
        ReadingName.Prepare,
        Trust.Handbook,
        "every wiring handbook",
        $"Clockwise, so that the turning screw draws the hook in instead of pushing it out.");

    internal static Step Bend(EndPlan plan, ScrewSize screw)
    {
        var hook = plan.Hook!;
        var twist = plan.Conductor.Build == Build.Solid ? "" : "Twist the strands tight, clockwise. ";
        return new Step(
            "bend-hook",
            Operation.Prepare,
            $"{twist}Bend a hook round the {screw.Name} screw’s size, clockwise: {hook.AngleTarget:0}°, three quarters of a turn.",
            $"It goes {hook.AngleLeast:0}° to {Math.Floor(hook.AngleMost):0}° round, flat, and its tip stays off the insulation.");
    }

    internal static IEnumerable<FormattableString> Cautions(EndPlan plan)
    {
        if (plan.Conductor.Build != Build.Solid)
        {
            yield return $"Strands under a screw: twist tight, catch every one, never tin them; solder creeps.";
        }
    }

    internal static Reason LengthReason(HookGeometry hook, Window<Length> strip) => new(
        "hook-length",
        ReadingName.Strip,
        Trust.Handbook,
        "geometry of the hook; 0 to 2 mm of bare metal showing, common practice",
        $"The wire’s middle runs {new Length(hook.Radius)} from the screw’s centre. {hook.AngleTarget:0}° of that circle is {new Length(hook.ArcLength(hook.AngleTarget))}, and {new Length(hook.LeadTarget)} more brings the insulation to the head’s edge: {strip:target}.");

    internal static Reason ScrewReason(ScrewSize screw, bool isGiven, string most) => isGiven
        ? new(
            "screw-size",
            ReadingName.Strip,
            Trust.Standard,
            ScrewSize.Source,
            $"A {screw.Name} screw is {screw.MajorDiameter:0.00} mm over the thread and {screw.HeadDiameter:0.0} mm over the head.")
        : new("screw-size", ReadingName.Strip, Trust.Generic, "common practice", $"The screw is taken as {screw.Name}, which most {most} have. Say which it is.");
}
