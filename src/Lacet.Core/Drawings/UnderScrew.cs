using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// A hook under a screw, as the screwdriver sees it: the wire comes from the left and goes round clockwise.
/// </summary>
internal static class UnderScrew
{
    /// <summary>What the screw stands on.</summary>
    internal delegate void Ground(double x, double y, double headRadius, Sheet sheet);

    internal static void Draw(DrawnEnd end, ScrewSize screw, Ground ground)
    {
        var (hook, conductor, sheet) = (end.Plan.Hook!, end.Conductor, end.Sheet);
        var (d, half) = (hook.WireDiameter, end.Half);
        var angle = Math.Min(hook.AngleTarget, end.Length / hook.ArcLength(360) * 360);
        var lead = Math.Max(0, end.Length - hook.ArcLength(angle));
        var centreY = hook.Radius;

        ground(lead, centreY, hook.HeadRadius, sheet);
        sheet.Add("landed-thread", PartKind.ScrewThread, ScenePath.Circle(lead, centreY, screw.MajorDiameter / 2));
        sheet.Add("landed-hook", PartKind.Conductor, Bend(hook.Radius), d);
        sheet.Parts.AddRange(
            WirePen
                .StrandLines(conductor)
                .Select(
                    (offset, i) =>
                        new ScenePart(
                            $"landed-strand-{i}",
                            PartKind.Strand,
                            Bend(hook.Radius - offset),
                            WirePen.StrandLine(conductor)
                        )
                )
        );
        sheet.Parts.Add(WirePen.Insulation("landed", conductor, 0));

        var headReach = Math.Sqrt(Math.Max(0, Square(hook.HeadRadius) - Square(Math.Max(0, hook.Radius - half))));
        if (lead < headReach - 0.05)
        {
            sheet.Box(
                "insulation-caught",
                PartKind.InsulationCaught,
                Math.Max(lead - headReach, -half * 2),
                0,
                0,
                half
            );
        }
        else if (lead > hook.LeadMost + 0.05)
        {
            sheet.Box("bare-showing", PartKind.BareShowing, 0, -d / 2, lead - hook.EdgeOnAxis, d / 2);
        }

        Head(screw, lead, centreY, sheet);
        sheet.Add(
            "landed-direction",
            PartKind.Direction,
            new ScenePath().Arc(lead, centreY, hook.HeadRadius + 0.6, -60, 100),
            0.25
        );
        if (lead > 0.5)
        {
            sheet.Dimension("lead", 0, lead, centreY + hook.HeadRadius + 3, 0, new Length(lead));
        }

        ScenePath Bend(double radius) =>
            new ScenePath().MoveTo(0, centreY - radius).Arc(lead, centreY, radius, -90, angle);
    }

    /// <summary>The screw on its ground, with nothing under it.</summary>
    internal static void Alone(ScrewSize screw, Ground ground, Sheet sheet)
    {
        ground(0, 0, screw.HeadDiameter / 2, sheet);
        sheet.Add("thread", PartKind.ScrewThread, ScenePath.Circle(0, 0, screw.MajorDiameter / 2));
        Head(screw, 0, 0, sheet);
    }

    /// <summary>The strap of a receptacle or switch.</summary>
    internal static void OnStrap(double x, double y, double radius, Sheet sheet) =>
        sheet.Box(
            "landed-plate",
            PartKind.Plate,
            x - radius - 0.8,
            y - radius - 1.2,
            x + radius + 1.6,
            y + radius + 1.2
        );

    /// <summary>The blade of a plug: 1/4 in (6.3 mm) wide, with the hole near its end (common practice).</summary>
    internal static void OnBlade(double x, double y, double radius, Sheet sheet)
    {
        sheet.Box("landed-body", PartKind.Body, x - radius - 2.5, y - radius - 2, x + radius + 3, y + radius + 2);
        sheet.Add(
            "landed-blade",
            PartKind.LugMetal,
            new ScenePath()
                .MoveTo(x - radius - 0.8, y - radius - 0.6)
                .LineTo(x + radius + 1, y - radius - 0.6)
                .LineTo(x + radius + 2, y - 3.15)
                .LineTo(x + radius + 17, y - 3.15)
                .LineTo(x + radius + 18.5, y - 1.8)
                .LineTo(x + radius + 18.5, y + 1.8)
                .LineTo(x + radius + 17, y + 3.15)
                .LineTo(x + radius + 2, y + 3.15)
                .LineTo(x + radius + 1, y + radius + 0.6)
                .LineTo(x - radius - 0.8, y + radius + 0.6)
                .Close()
        );
        sheet.Add("landed-blade-hole", PartKind.Opening, ScenePath.Circle(x + radius + 14.5, y, 1.6));
    }

    private static void Head(ScrewSize screw, double x, double y, Sheet sheet)
    {
        var radius = screw.HeadDiameter / 2;
        sheet.Add("landed-head", PartKind.ScrewHead, ScenePath.Circle(x, y, radius));
        sheet.Box("landed-slot", PartKind.ScrewSlot, x - (radius * 0.72), y - 0.4, x + (radius * 0.72), y + 0.4);
    }

    private static double Square(double value) => value * value;
}
