using Lacet.Core.Conductors;
using Lacet.Core.Reference;

namespace Lacet.Core.Strip;

/// <summary>What strips which size (a row of the table "strippers").</summary>
/// <param name="MostArea">Up to this area, mm².</param>
/// <param name="Kind">What kind of tool.</param>
/// <param name="Tool">The tool.</param>
public sealed record StripTool(double MostArea, StrippingTool Kind, string Tool)
{
    private static readonly IReadOnlyList<StripTool> Rows = ReferenceTable.Rows<StripTool>("strippers");

    /// <summary>The kind of tool that a conductor is usually stripped with.</summary>
    public static StrippingTool KindFor(Conductor conductor) => Row(conductor).Kind;

    /// <summary>
    /// The tool for a conductor, and which hole of it; of the kind that is in the hand, where somebody said.
    /// </summary>
    public static string For(Conductor conductor, StrippingTool? inHand = null) =>
        (inHand ?? Row(conductor).Kind) switch
        {
            StrippingTool.Hole =>
                $"{(Row(conductor) is { Kind: StrippingTool.Hole } row ? row.Tool : "wire stripper")}, hole marked {conductor.Size.Name} {(conductor.Build == Build.Solid ? "solid" : "stranded")}",
            StrippingTool.Automatic => $"automatic stripper, slot for {conductor.Size.Name}",
            StrippingTool.Rotary => $"rotary stripper with the die for {conductor.Size.Name}",
            _ => "knife",
        };

    private static StripTool Row(Conductor conductor) =>
        Rows.First(r => r.MostArea >= conductor.Size.Area.SquareMillimetres);
}
