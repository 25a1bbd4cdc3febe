using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>A hook under a binding screw, as the screwdriver sees it: the wire comes from the left and goes round clockwise.</summary>
internal static class UnderScrew
{
    internal static void Draw(
        EndPlan plan, BindingScrew landing, double length, double below, List<ScenePart> parts, List<SceneDimension> dimensions)
    {
        var hook = plan.Hook!;
        var conductor = plan.Conductor;
        var d = hook.WireDiameter;
        var angle = Math.Min(hook.AngleTarget, length / hook.ArcLength(360) * 360);
        var lead = Math.Max(0, length - hook.ArcLength(angle));
        var half = conductor.InsulationOuterDiameter.Millimetres / 2;
        var axis = below + Math.Max(half, hook.HeadRadius - hook.Radius + 0.5);
        var centreY = axis + hook.Radius;

        parts.Add(new ScenePart(
            "landed-plate",
            PartKind.Plate,
            ScenePath.Rectangle(lead - hook.HeadRadius - 0.8, centreY - hook.HeadRadius - 1.2, lead + hook.HeadRadius + 1.6, centreY + hook.HeadRadius + 1.2)));
        parts.Add(new ScenePart("landed-thread", PartKind.ScrewThread, ScenePath.Circle(lead, centreY, landing.Screw.MajorDiameter / 2)));
        parts.Add(new ScenePart("landed-hook", PartKind.Conductor, Bend(hook.Radius), d));
        parts.AddRange(WirePen.StrandLines(conductor).Select((offset, i) =>
            new ScenePart($"landed-strand-{i}", PartKind.Strand, Bend(hook.Radius - offset), WirePen.StrandLine(conductor))));
        parts.Add(WirePen.Insulation("landed", conductor, axis));

        var headReach = Math.Sqrt(Math.Max(0, Square(hook.HeadRadius) - Square(Math.Max(0, hook.Radius - half))));
        if (lead < headReach - 0.05)
        {
            parts.Add(new ScenePart(
                "insulation-caught",
                PartKind.InsulationCaught,
                ScenePath.Rectangle(Math.Max(lead - headReach, -half * 2), axis, 0, axis + half)));
        }
        else if (lead > hook.LeadMost + 0.05)
        {
            parts.Add(new ScenePart(
                "bare-showing", PartKind.BareShowing, ScenePath.Rectangle(0, axis - (d / 2), lead - hook.EdgeOnAxis, axis + (d / 2))));
        }

        Head(landing, lead, centreY, parts);
        parts.Add(new ScenePart(
            "landed-direction", PartKind.Direction, new ScenePath().Arc(lead, centreY, hook.HeadRadius + 0.6, -60, 100), 0.25));
        if (lead > 0.5)
        {
            dimensions.Add(new SceneDimension("lead", 0, lead, centreY + hook.HeadRadius + 3, axis, new Length(lead).Read()));
        }

        ScenePath Bend(double radius) => new ScenePath().MoveTo(0, centreY - radius).Arc(lead, centreY, radius, -90, angle);
    }

    /// <summary>The screw on its plate, with nothing under it.</summary>
    internal static void Alone(BindingScrew landing, List<ScenePart> parts)
    {
        var radius = landing.Screw.HeadDiameter / 2;
        parts.Add(new ScenePart("plate", PartKind.Plate, ScenePath.Rectangle(-radius - 0.8, -radius - 1.2, radius + 1.6, radius + 1.2)));
        parts.Add(new ScenePart("thread", PartKind.ScrewThread, ScenePath.Circle(0, 0, landing.Screw.MajorDiameter / 2)));
        Head(landing, 0, 0, parts);
    }

    internal static void Head(BindingScrew landing, double x, double y, List<ScenePart> parts)
    {
        var radius = landing.Screw.HeadDiameter / 2;
        parts.Add(new ScenePart("landed-head", PartKind.ScrewHead, ScenePath.Circle(x, y, radius)));
        parts.Add(new ScenePart(
            "landed-slot", PartKind.ScrewSlot, ScenePath.Rectangle(x - (radius * 0.72), y - 0.4, x + (radius * 0.72), y + 0.4)));
    }

    private static double Square(double value) => value * value;
}
