using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>What a hook adds to a recipe, under every screw that takes one.</summary>
internal static class HookLines
{
    internal static Reason Clockwise { get; } =
        new(
            "hook-clockwise",
            ReadingName.Prepare,
            Trust.Handbook,
            "every wiring handbook",
            $"Clockwise, so that the turning screw draws the hook in instead of pushing it out."
        );

    internal static Step Bend(EndPlan plan, ScrewSize screw)
    {
        var hook = plan.Hook!;
        return new Step(
            "bend-hook",
            Operation.Prepare,
            $"Slim jaw, or the hole in the stripper, at the very tip; hold the wire behind, and roll it clockwise to {hook.AngleTarget:0}°, to the {screw.Name} screw’s size.",
            $"{hook.AngleLeast:0}° to {Math.Floor(hook.AngleMost):0}° round and flat, before it is closed."
        );
    }

    internal static Step Land(EndPlan plan) =>
        new(
            "land-hook",
            Operation.Land,
            plan.Rules.HookClosing == HookClosing.Closed
                ? (FormattableString)
                    $"Lay the hook round the screw so that it runs clockwise, insulation at the head’s edge, and squeeze it closed."
                : $"Lay the hook round the screw so that it runs clockwise, insulation at the head’s edge; leave it open, by house rule.",
            plan.Rules.HookClosing == HookClosing.Closed
                ? (FormattableString)
                    $"0 to 2 mm of bare metal shows past the head. The tip lies close to the wire, not on the insulation; nothing else is under the head."
                : $"0 to 2 mm of bare metal shows past the head, no insulation under it, no other wire."
        );

    internal static IEnumerable<FormattableString> Cautions(EndPlan plan)
    {
        if (plan.Conductor.Build != Build.Solid)
        {
            yield return $"Strands under a screw: catch every one, never tin them; solder creeps.";
        }
    }

    internal static Reason LengthReason(HookGeometry hook, Window<Length> strip) =>
        new(
            "hook-length",
            ReadingName.Strip,
            Trust.Handbook,
            "geometry of the hook; 0 to 2 mm of bare metal showing, common practice",
            $"{hook.AngleTarget:0}° round the screw at {new Length(hook.Radius):mm} is {new Length(hook.ArcLength(hook.AngleTarget)):mm}; {new Length(hook.LeadTarget):mm} more brings the insulation to the head’s edge: {strip:target}."
        );

    internal static Reason ScrewReason(ScrewSize screw, bool isGiven, string most) =>
        isGiven
            ? new(
                "screw-size",
                ReadingName.Strip,
                Trust.Standard,
                ScrewSize.Source,
                $"A {screw.Name} screw is {screw.MajorDiameter:0.00} mm over the thread and {screw.HeadDiameter:0.0} mm over the head."
            )
            : new(
                "screw-size",
                ReadingName.Strip,
                Trust.Generic,
                "common practice",
                $"The screw is taken as {screw.Name}, which most {most} have."
            );
}
