using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>A ring or fork on a stud, seen from above, between the barriers of its block.</summary>
internal static class OnStud
{
    /// <summary>Metal round a ring's hole, mm; typical, only for the drawing.</summary>
    private const double Rim = 2;

    internal static void Draw(DrawnEnd end, Stud stud)
    {
        var ring = end.Plan.Ring!;
        var barrel = ring.Barrel.Millimetres;
        var centre = barrel + 1.5 + RingRadius(stud);
        Block(stud, centre, end.Sheet);
        Ring(stud, centre, barrel, end.BareHalf + 0.6, end.Sheet);
        end.Sheet.Parts.AddRange(WirePen.Bare("landed", end.Conductor, 0, end.Length));
        end.Sheet.Parts.Add(WirePen.Insulation("landed", end.Conductor, 0));
        var sleeve = Math.Max(ring.SleeveDiameter.Millimetres / 2, end.Half + 0.3);
        end.Sheet.Add(
            "landed-sleeve",
            PartKind.Sleeve,
            new ScenePath()
                .MoveTo(-4, -sleeve)
                .LineTo(barrel - 0.6, -sleeve + 0.6)
                .LineTo(barrel - 0.6, sleeve - 0.6)
                .LineTo(-4, sleeve)
                .Close()
        );
        end.Sheet.Box("landed-crimp", PartKind.Crimp, barrel * 0.3, -sleeve + 0.5, barrel * 0.7, sleeve - 0.5);
        Nut(stud, centre, end.Sheet);
        if (end.Length > end.Strip.Most.Millimetres)
        {
            end.Sheet.Box("bare-showing", PartKind.BareShowing, barrel, -end.BareHalf, end.Length, end.BareHalf);
        }
        else if (end.Length < end.Strip.Least.Millimetres - 0.05)
        {
            end.Sheet.Box("metal-missing", PartKind.InsulationCaught, end.Length, -end.BareHalf, barrel, end.BareHalf);
        }

        end.Sheet.Dimension("barrel", 0, barrel, end.Sheet.Bottom + 2, end.Half, ring.Barrel);
    }

    internal static void Alone(Stud stud, Sheet sheet)
    {
        var centre = 7.5 + RingRadius(stud);
        Block(stud, centre, sheet);
        Ring(stud, centre, 6, 1.6, sheet);
        Nut(stud, centre, sheet);
    }

    private static double RingRadius(Stud stud) => (stud.Diameter.Millimetres / 2) + 0.15 + Rim;

    private static void Block(Stud stud, double centre, Sheet sheet)
    {
        var half = RingRadius(stud) + 1;
        sheet.Box("landed-body", PartKind.Body, centre - half - 1, -half - 2, centre + half + 1, half + 2);
        sheet.Box("landed-seat", PartKind.Plate, centre - half, -half, centre + half, half);
    }

    private static void Ring(Stud stud, double centre, double barrel, double barrelHalf, Sheet sheet)
    {
        var (radius, hole) = (RingRadius(stud), (stud.Diameter.Millimetres / 2) + 0.15);
        sheet.Add(
            "landed-neck",
            PartKind.LugMetal,
            new ScenePath()
                .MoveTo(0, -barrelHalf)
                .LineTo(barrel, -barrelHalf)
                .LineTo(centre - (radius * 0.5), -radius * 0.8)
                .LineTo(centre - (radius * 0.5), radius * 0.8)
                .LineTo(barrel, barrelHalf)
                .LineTo(0, barrelHalf)
                .Close()
        );
        sheet.Add("landed-ring", PartKind.LugMetal, ScenePath.Circle(centre, 0, radius));
        sheet.Add("landed-hole", PartKind.Opening, ScenePath.Circle(centre, 0, hole));
        if (stud.Shape == RingShape.Fork)
        {
            sheet.Box("landed-fork-gap", PartKind.Plate, centre, -hole, centre + radius + 0.2, hole);
        }
    }

    private static void Nut(Stud stud, double centre, Sheet sheet)
    {
        var radius = stud.Diameter.Millimetres * 0.98;
        var hexagon = new ScenePath();
        for (var i = 0; i < 6; i++)
        {
            var turn = Math.PI / 3 * i;
            var (x, y) = (centre + (radius * Math.Cos(turn)), radius * Math.Sin(turn));
            hexagon = i == 0 ? hexagon.MoveTo(x, y) : hexagon.LineTo(x, y);
        }

        sheet.Add("landed-nut", PartKind.ScrewHead, hexagon.Close());
        sheet.Add("landed-thread", PartKind.ScrewThread, ScenePath.Circle(centre, 0, stud.Diameter.Millimetres / 2));
    }
}
