using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <summary>
/// A joint as it will look, to scale: insulation ends at x = 0, the tips lie to the right. A connector is as large as what
/// it takes at most, so what is too much stands outside it, and what is too little lies loose in it.
/// </summary>
public static class SpliceDrawing
{
    /// <summary>How much insulation is shown, mm.</summary>
    private const double Shown = 26;

    /// <summary>Round wires fill about so much of the circle round a bundle (geometry of packing).</summary>
    private const double Packed = 0.72;

    /// <summary>How much thicker than the metal insulation is taken for a port that nothing is in.</summary>
    private const double PortWall = 1.6;

    /// <summary>The drawing of a joint, made by the house rules.</summary>
    public static Scene Of(SpliceJoin join, HouseRules rules)
    {
        if (join.Conductors.Count == 0)
        {
            throw new ImpossibleInputException("conductors", "Say which ends are joined.");
        }

        var sheet = new Sheet();
        var strip = SplicePage.StripFor(join, rules);
        var kind = join.Connector.Kind;
        var bare = SplicePage.TrimFor(join, rules) ?? strip;
        if (kind is ConnectorKind.Lever or ConnectorKind.PushIn)
        {
            Ports(sheet, join, strip.Millimetres);
        }
        else
        {
            Bundle(sheet, join, bare.Millimetres);
        }

        var below = sheet.Bottom;
        sheet.Dimension("bare", 0, bare.Millimetres, below + 6, below, bare);
        return new(sheet.Parts, sheet.Dimensions, $"{SpliceFit.Say(join.Conductors)} in a {join.Connector.Name}: {bare} bare from the insulation to the tip");
    }

    /// <summary>The connector itself in that drawing, without the wires that lead to it.</summary>
    public static SceneBox BodyOf(SpliceJoin join, HouseRules rules)
    {
        var parts = Of(join, rules).Parts.Where(p => !p.Id.EndsWith("-insulation", StringComparison.Ordinal));
        return parts.Select(p => p.Box).Aggregate((a, b) => a.With(b));
    }

    private static void Ports(Sheet sheet, SpliceJoin join, double strip)
    {
        var ends = join.Conductors;
        var ports = Math.Min(join.Connector.MostCount, Math.Max(ends.Count, join.Connector.LeastCount));
        var pitch = Math.Max(ends.Max(e => e.InsulationOuterDiameter.Millimetres), Math.Sqrt(join.Connector.MostMm2 * 4 / Math.PI) * PortWall) + 1.2;
        var lever = join.Connector.Kind == ConnectorKind.Lever;
        var right = strip + (lever ? 7 : 5);
        sheet.Box("body", PartKind.Body, -2, -pitch * 0.6, right, ((ports - 1) * pitch) + (pitch * 0.6));
        for (var i = 0; i < ports; i++)
        {
            var (y, half) = (i * pitch, pitch * 0.36);
            sheet.Box($"port-{i + 1}", PartKind.Opening, -2, y - half, strip + 1.5, y + half);
        }

        for (var i = 0; i < ends.Count; i++)
        {
            // What has no port stands outside.
            End(sheet, $"end-{i + 1}", ends[i], i * pitch, strip);
        }

        for (var i = 0; i < ports; i++)
        {
            var y = i * pitch;
            if (lever)
            {
                sheet.Box($"lever-{i + 1}", PartKind.Lever, strip * 0.28, y - (pitch * 0.42), strip + 4.5, y + (pitch * 0.42));
            }
            else
            {
                sheet.Add($"spring-{i + 1}", PartKind.Spring, new ScenePath().MoveTo(strip * 0.3, y - (pitch * 0.4)).LineTo((strip * 0.3) + 1, y - (pitch * 0.4)).LineTo(strip * 0.62, y - 0.3).LineTo((strip * 0.62) - 0.6, y).Close());
            }
        }

        if (lever)
        {
            sheet.Box("window", PartKind.Opening, strip - 0.5, -pitch * 0.5, strip + 1.5, ((ports - 1) * pitch) + (pitch * 0.5));
            for (var i = 0; i < Math.Min(ports, ends.Count); i++)
            {
                var half = ends[i].Diameter.Millimetres / 2;
                sheet.Box($"tip-{i + 1}", PartKind.Conductor, strip - 0.5, (i * pitch) - half, strip, (i * pitch) + half);
            }
        }
    }

    private static void End(Sheet sheet, string id, Conductor conductor, double y, double strip)
    {
        var (half, bare) = (conductor.InsulationOuterDiameter.Millimetres / 2, conductor.Diameter.Millimetres / 2);
        sheet.Box($"{id}-insulation", PartKind.Insulation, -Shown, y - half, 0, y + half);
        sheet.Box($"{id}-bare", PartKind.Conductor, 0, y - bare, strip, y + bare);
    }

    private static void Bundle(Sheet sheet, SpliceJoin join, double bare)
    {
        var (kind, ends) = (join.Connector.Kind, join.Conductors);
        var widest = ends.Max(e => e.InsulationOuterDiameter.Millimetres);
        var pitch = widest + 0.9;
        var middle = (ends.Count - 1) * pitch / 2;
        var area = ends.Sum(e => e.Size.Area.SquareMillimetres);
        var bundle = BundleOf(area);
        var room = Math.Max(BundleOf(join.Connector.MostMm2), 2);
        Around(sheet, kind, middle, room, bare, ends.Count);
        for (var i = 0; i < ends.Count; i++)
        {
            var y = i * pitch;
            sheet.Add(
                $"end-{i + 1}-insulation", PartKind.Insulation,
                new ScenePath().MoveTo(-Shown, y).LineTo(-9, y).LineTo(0, middle + ((y - middle) * Math.Min(1, bundle / (ends.Count * pitch) * 1.6))), ends[i].InsulationOuterDiameter.Millimetres);
        }

        // As thick as the bundle is: the wires of a twist are drawn alike, each of the mean area.
        var each = Math.Sqrt(area / ends.Count * 4 / Math.PI);
        var radius = ends.Count == 1 ? 0 : Math.Max(each / 2, (bundle - each) / 2);
        HelixPen.Twist(sheet, "wire", PartKind.Conductor, ends.Count, 0, bare, middle, radius, HandSplice.OpenPitch * each, each);
        Over(sheet, kind, middle, room, bundle, bare);
    }

    private static double BundleOf(double area) => Math.Sqrt(area * 4 / Math.PI / Packed);

    /// <summary>What lies behind the wires.</summary>
    private static void Around(Sheet sheet, ConnectorKind kind, double y, double room, double bare, int ends)
    {
        if (kind is ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn)
        {
            var (skirt, tip) = ((room / 2) + 4, (room / 4) + 2);
            sheet.Add("cap", PartKind.Body, new ScenePath().MoveTo(-6, y - skirt).LineTo(2, y - skirt + 1).LineTo(bare + 6, y - tip).LineTo(bare + 8, y).LineTo(bare + 6, y + tip).LineTo(2, y + skirt - 1).LineTo(-6, y + skirt).Close());
            sheet.Add("inside", PartKind.Opening, new ScenePath().MoveTo(-6, y - skirt + 1.4).LineTo(2, y - (room / 2) - 0.8).LineTo(bare + 3, y - (room / 4)).LineTo(bare + 3, y + (room / 4)).LineTo(2, y + (room / 2) + 0.8).LineTo(-6, y + skirt - 1.4).Close());
            for (var x = 3.0; x < bare + 2; x += 2.2)
            {
                var half = (room / 2) - ((room / 4) * (x - 2) / (bare + 1)) + 0.8;
                sheet.Add(FormattableString.Invariant($"coil-{x:0.0}"), PartKind.Spring, new ScenePath().MoveTo(x - 0.8, y - half).LineTo(x + 0.8, y + half), 0.6);
            }
        }
        else if (kind == ConnectorKind.CrimpSleeveTube)
        {
            var tube = TubeChoice.For(ends);
            var (half, deep) = ((room / 2) + (tube.IsLarge ? 6 : 4), bare + 22);
            sheet.Add("tube", PartKind.Body, new ScenePath().MoveTo(-14, y - half).LineTo(deep - 3, y - half).LineTo(deep, y - half + 3).LineTo(deep, y + half - 3).LineTo(deep - 3, y + half).LineTo(-14, y + half).Close());
            sheet.Box("inside", PartKind.Opening, -14, y - half + 1, deep - 1.5, y + half - 1);
        }
    }

    /// <summary>What lies before them, so that they shine through it.</summary>
    private static void Over(Sheet sheet, ConnectorKind kind, double y, double room, double bundle, double bare)
    {
        switch (kind)
        {
            case ConnectorKind.SealedTwistOn:
                var skirt = (room / 2) + 2.6;
                sheet.Add("sealant", PartKind.Sealant, new ScenePath().MoveTo(-6, y - skirt).LineTo(bare + 3, y - (room / 4)).LineTo(bare + 3, y + (room / 4)).LineTo(-6, y + skirt).Close());
                break;
            case ConnectorKind.CrimpSleeveTube:
                var inner = sheet.Parts.Single(p => p is { Id: "inside" }).Box;
                var top = inner.Left + TubeChoice.GreaseFree.Millimetres;
                sheet.Box("sleeve", PartKind.Sleeve, 1, y - (bundle / 2) - 0.8, bare, y + (bundle / 2) + 0.8);
                sheet.Box("crimp", PartKind.Crimp, bare * 0.35, y - (bundle / 2) - 0.2, bare * 0.7, y + (bundle / 2) + 0.2);
                sheet.Box("grease", PartKind.Sealant, top, inner.Top, inner.Right, inner.Bottom);
                sheet.Box("tube-cap", PartKind.Lever, inner.Left - 4, inner.Top - 2, inner.Left, inner.Bottom + 2);
                sheet.Dimension("grease-free", inner.Left, top, inner.Top - 7, inner.Top, TubeChoice.GreaseFree);
                break;
            case ConnectorKind.Solder:
                sheet.Box("solder", PartKind.Solder, 0, y - (bundle / 2) - 0.4, bare + 0.6, y + (bundle / 2) + 0.4);
                break;
        }
    }
}
