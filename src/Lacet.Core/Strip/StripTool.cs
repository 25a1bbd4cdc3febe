using Lacet.Core.Conductors;
using Lacet.Core.Reference;

namespace Lacet.Core.Strip;

/// <summary>What strips which size (a row of the table "strippers").</summary>
/// <param name="MostArea">Up to this area, mm².</param>
/// <param name="Tool">The tool.</param>
public sealed record StripTool(double MostArea, string Tool)
{
    private static readonly IReadOnlyList<StripTool> Rows = ReferenceTable.Rows<StripTool>("strippers");

    /// <summary>The tool for a conductor, and which hole of it.</summary>
    public static string For(Conductor conductor)
    {
        var tool = Rows.First(r => r.MostArea >= conductor.Size.Area.SquareMillimetres).Tool;
        return tool.EndsWith("stripper", StringComparison.Ordinal)
            ? $"{tool}, the hole marked {conductor.Size.Name} {(conductor.Build == Build.Solid ? "solid" : "stranded")}"
            : tool;
    }
}
