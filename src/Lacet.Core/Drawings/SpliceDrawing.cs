using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <summary>
/// A joint as it will look, to scale: insulation ends at x = 0, the tips lie to the right. A connector is as large as
/// what it takes at most, so what is too much stands outside it, and what is too little lies loose in it.
/// </summary>
public static class SpliceDrawing
{
    /// <summary>How much insulation is shown, mm.</summary>
    private const double Shown = 26;

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
        var trim = SplicePage.TrimFor(join, rules);
        var bare = trim ?? strip.Target;
        // Said as the recipe says it: a length that is trimmed to by itself, a strip as the target of its window.
        var label = trim?.Read() ?? strip.Read(WindowPart.Target);
        if (kind is ConnectorKind.Lever or ConnectorKind.PushIn)
        {
            Ports(sheet, join, strip.Target.Millimetres);
        }
        else
        {
            Bundle(sheet, join, bare.Millimetres);
        }

        var below = sheet.Bottom;
        sheet.Dimensions.Add(new("bare", 0, bare.Millimetres, below + 6, below, label));
        return new(
            sheet.Parts,
            sheet.Dimensions,
            trim is { } to
                ? (FormattableString)
                    $"{SpliceFit.Say(join.Conductors)} in a {join.Connector.Name}: {to} bare from the insulation to the tip"
                : $"{SpliceFit.Say(join.Conductors)} in a {join.Connector.Name}: {strip:target} bare from the insulation to the tip"
        );
    }

    private static void Ports(Sheet sheet, SpliceJoin join, double strip)
    {
        var ends = join.Conductors;
        var (ports, pitch, room) = (JointRoom.PortsOf(join), JointRoom.PitchOf(join), JointRoom.Of(join, new(strip)));
        sheet.Box(
            "body",
            PartKind.Body,
            -2,
            -pitch * 0.6,
            room.Length.Millimetres - 2,
            ((ports - 1) * pitch) + (pitch * 0.6)
        );
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

        if (join.Connector.Kind == ConnectorKind.Lever)
        {
            Levers(sheet, ends, ports, pitch, strip);
            return;
        }

        for (var i = 0; i < ports; i++)
        {
            var y = i * pitch;
            sheet.Add(
                $"spring-{i + 1}",
                PartKind.Spring,
                new ScenePath()
                    .MoveTo(strip * 0.3, y - (pitch * 0.4))
                    .LineTo((strip * 0.3) + 1, y - (pitch * 0.4))
                    .LineTo(strip * 0.62, y - 0.3)
                    .LineTo((strip * 0.62) - 0.6, y)
                    .Close()
            );
        }
    }

    private static void Levers(Sheet sheet, IReadOnlyList<Conductor> ends, int ports, double pitch, double strip)
    {
        for (var i = 0; i < ports; i++)
        {
            var (y, half) = (i * pitch, pitch * 0.42);
            sheet.Box($"lever-{i + 1}", PartKind.Lever, strip * 0.28, y - half, strip + 4.5, y + half);
        }

        sheet.Box(
            "window",
            PartKind.Opening,
            strip - 0.5,
            -pitch * 0.5,
            strip + 1.5,
            ((ports - 1) * pitch) + (pitch * 0.5)
        );
        for (var i = 0; i < Math.Min(ports, ends.Count); i++)
        {
            var half = ends[i].Diameter.Millimetres / 2;
            sheet.Box($"tip-{i + 1}", PartKind.Conductor, strip - 0.5, (i * pitch) - half, strip, (i * pitch) + half);
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
        var bundle = JointRoom.BundleOf(area);
        // What the connector has room for, which is more or less than what is in it.
        var room = JointRoom.BundleOf(join.Connector.MostMm2);
        var (length, width) = JointRoom.Of(join, new(bare));
        Around(sheet, kind, middle, room, length.Millimetres, width.Millimetres);
        for (var i = 0; i < ends.Count; i++)
        {
            var y = i * pitch;
            sheet.Add(
                $"end-{i + 1}-insulation",
                PartKind.Insulation,
                new ScenePath()
                    .MoveTo(-Shown, y)
                    .LineTo(-9, y)
                    .LineTo(0, middle + ((y - middle) * Math.Min(1, bundle / (ends.Count * pitch) * 1.6))),
                ends[i].InsulationOuterDiameter.Millimetres
            );
        }

        // As thick as the bundle is: the wires of a twist are drawn alike, each of the mean area.
        var each = Math.Sqrt(area / ends.Count * 4 / Math.PI);
        var radius = ends.Count == 1 ? 0 : Math.Max(each / 2, (bundle - each) / 2);
        HelixPen.Twist(
            sheet,
            "wire",
            PartKind.Conductor,
            ends.Count,
            0,
            bare,
            middle,
            radius,
            HandSplice.OpenPitch * each,
            each
        );
        Over(sheet, kind, middle, room, bundle, bare);
    }

    /// <summary>What lies behind the wires.</summary>
    private static void Around(Sheet sheet, ConnectorKind kind, double y, double room, double length, double width)
    {
        var half = width / 2;
        if (kind is ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn)
        {
            var (right, tip) = (length - 6, (room / 4) + 2);
            sheet.Add(
                "cap",
                PartKind.Body,
                new ScenePath()
                    .MoveTo(-6, y - half)
                    .LineTo(2, y - half + 1)
                    .LineTo(right - 2, y - tip)
                    .LineTo(right, y)
                    .LineTo(right - 2, y + tip)
                    .LineTo(2, y + half - 1)
                    .LineTo(-6, y + half)
                    .Close()
            );
            sheet.Add(
                "inside",
                PartKind.Opening,
                new ScenePath()
                    .MoveTo(-6, y - half + 1.4)
                    .LineTo(2, y - (room / 2) - 0.8)
                    .LineTo(right - 5, y - (room / 4))
                    .LineTo(right - 5, y + (room / 4))
                    .LineTo(2, y + (room / 2) + 0.8)
                    .LineTo(-6, y + half - 1.4)
                    .Close()
            );
            for (var x = 3.0; x < right - 6; x += 2.2)
            {
                var coil = (room / 2) - ((room / 4) * (x - 2) / (right - 7)) + 0.8;
                sheet.Add(
                    FormattableString.Invariant($"coil-{x:0.0}"),
                    PartKind.Spring,
                    new ScenePath().MoveTo(x - 0.8, y - coil).LineTo(x + 0.8, y + coil),
                    0.6
                );
            }
        }
        else if (kind == ConnectorKind.CrimpSleeveTube)
        {
            // The cap, 4 mm, and the tube behind it.
            var deep = length - 18;
            sheet.Add(
                "tube",
                PartKind.Body,
                new ScenePath()
                    .MoveTo(-14, y - half)
                    .LineTo(deep - 3, y - half)
                    .LineTo(deep, y - half + 3)
                    .LineTo(deep, y + half - 3)
                    .LineTo(deep - 3, y + half)
                    .LineTo(-14, y + half)
                    .Close()
            );
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
                sheet.Add(
                    "sealant",
                    PartKind.Sealant,
                    new ScenePath()
                        .MoveTo(-6, y - skirt)
                        .LineTo(bare + 3, y - (room / 4))
                        .LineTo(bare + 3, y + (room / 4))
                        .LineTo(-6, y + skirt)
                        .Close()
                );
                break;
            case ConnectorKind.CrimpSleeveTube:
                var inner = sheet.Parts.Single(p => p is { Id: "inside" }).Box;
                var top = inner.Left + TubeChoice.GreaseFree.Millimetres;
                sheet.Box("sleeve", PartKind.Sleeve, 1, y - (bundle / 2) - 0.8, bare, y + (bundle / 2) + 0.8);
                sheet.Box(
                    "crimp",
                    PartKind.Crimp,
                    bare * 0.35,
                    y - (bundle / 2) - 0.2,
                    bare * 0.7,
                    y + (bundle / 2) + 0.2
                );
                sheet.Box("grease", PartKind.Sealant, top, inner.Top, inner.Right, inner.Bottom);
                sheet.Box("tube-cap", PartKind.Lever, inner.Left - 4, inner.Top - 1, inner.Left, inner.Bottom + 1);
                sheet.Dimension("grease-free", inner.Left, top, inner.Top - 7, inner.Top, TubeChoice.GreaseFree);
                break;
            case ConnectorKind.Solder:
                sheet.Box("solder", PartKind.Solder, 0, y - (bundle / 2) - 0.4, bare + 0.6, y + (bundle / 2) + 0.4);
                break;
        }
    }
}
