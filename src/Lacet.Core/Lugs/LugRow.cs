using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Lugs;

/// <summary>A row of the table "lugs": what a lug for a conductor usually has, where its sheet is missing.</summary>
/// <param name="MostMm2">Conductor up to, mm².</param>
/// <param name="SetScrew">Barrel of a set-screw lug, mm.</param>
/// <param name="Socket">Its socket across flats, in.</param>
/// <param name="Crimped">Barrel of a crimped lug, mm.</param>
/// <param name="CopperCrimps">How many times the die closes on copper.</param>
/// <param name="AluminiumCrimps">How many times the die closes on aluminium.</param>
/// <param name="Bolt">Its bolt, in.</param>
public sealed record LugRow(
    double MostMm2,
    double SetScrew,
    double Socket,
    double Crimped,
    int CopperCrimps,
    int AluminiumCrimps,
    double Bolt
)
{
    /// <summary>Bare metal that shows between the insulation and a crimped barrel (common practice).</summary>
    public static Length Showing { get; } = new(2);

    private static readonly IReadOnlyList<LugRow> Rows = ReferenceTable.Rows<LugRow>("lugs");

    /// <summary>The row of a conductor.</summary>
    public static LugRow For(Conductor conductor) => ForArea(conductor.Size.Area.SquareMillimetres);

    /// <summary>The row of an area in mm²; the largest lug beyond the table.</summary>
    public static LugRow ForArea(double mm2) => Rows.FirstOrDefault(r => r.MostMm2 >= mm2) ?? Rows[^1];

    /// <summary>How many times the die closes.</summary>
    public int Crimps(Material material) => material == Material.Copper ? CopperCrimps : AluminiumCrimps;
}
