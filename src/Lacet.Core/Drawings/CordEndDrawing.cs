using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>A cord’s end made ready for its plug: the jacket, and each conductor at its own length, to scale.</summary>
public static class CordEndDrawing
{
    /// <summary>How much of the jacket is drawn, mm.</summary>
    private const double Jacket = 26;

    /// <summary>The drawing.</summary>
    public static Scene Of(PlugRefit plan, Conductor conductor)
    {
        var sheet = new Sheet();
        var wide = conductor.InsulationOuterDiameter.Millimetres;
        // Room between them for the measure of each.
        var pitch = wide + 20;
        var high = (plan.Terminals.Count * wide) + 2;
        var middle = (plan.Terminals.Count - 1) * pitch / 2;
        sheet.Box("jacket", PartKind.Insulation, -Jacket, middle - (high / 2), 0, middle + (high / 2));
        for (var i = 0; i < plan.Terminals.Count; i++)
        {
            var terminal = plan.Terminals[i];
            var (from, y) = (middle + ((i - ((plan.Terminals.Count - 1) / 2.0)) * wide), i * pitch);
            var (insulated, tip) = (terminal.Insulated.Millimetres, terminal.Length.Millimetres);
            sheet.Add(
                $"insulation-{terminal.Role}",
                PartKind.Insulation,
                new ScenePath().MoveTo(0, from).LineTo(6, y).LineTo(insulated, y),
                wide
            );
            sheet.Box(
                $"bare-{terminal.Role}",
                PartKind.Conductor,
                insulated,
                y - (conductor.Diameter.Millimetres / 2),
                tip,
                y + (conductor.Diameter.Millimetres / 2)
            );
            sheet.Add(
                $"screw-{terminal.Role}",
                terminal.Role switch
                {
                    CordRole.Line => PartKind.BrassScrew,
                    CordRole.Neutral => PartKind.SilverScrew,
                    _ => PartKind.GreenScrew,
                },
                ScenePath.Circle(tip + 6, y, 3.5)
            );
        }

        Measure(sheet, plan, wide, pitch);
        return new(
            sheet.Parts,
            sheet.Dimensions,
            $"A cord’s end made ready for its plug: {plan.JacketOff} of jacket off, each conductor to its own screw, the earth the longest"
        );
    }

    /// <summary>Each length beside its own conductor.</summary>
    private static void Measure(Sheet sheet, PlugRefit plan, double wide, double pitch)
    {
        for (var i = 0; i < plan.Terminals.Count; i++)
        {
            var terminal = plan.Terminals[i];
            var y = i * pitch;
            sheet.DimensionOfCut(
                $"lead-{terminal.Role}",
                0,
                terminal.Length.Millimetres,
                y + (wide / 2) + 4,
                y,
                terminal.Length
            );
        }

        var last = (plan.Terminals.Count - 1) * pitch;
        sheet.DimensionOfCut("jacket-off", 0, plan.JacketOff.Millimetres, last + wide + 17, last, plan.JacketOff);
        var first = plan.Terminals[0];
        sheet.Dimension(
            "strip",
            first.Insulated.Millimetres,
            first.Length.Millimetres,
            -wide - 6,
            0,
            new Length(first.Length.Millimetres - first.Insulated.Millimetres)
        );
    }
}
