using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Lugs;

/// <summary>The insulated ring or fork for a conductor and a stud.</summary>
/// <param name="Colour">The sleeve's colour, which says the range.</param>
/// <param name="Printed">The range as it is printed on the bag; the colour alone is never enough.</param>
/// <param name="Barrel">Depth of its barrel.</param>
/// <param name="SleeveDiameter">Outside diameter of its sleeve.</param>
/// <param name="Hole">Its hole, for the stud.</param>
/// <param name="Stud">The stud or screw that it is named for: "#8 / M4".</param>
/// <param name="Shape">Ring or fork.</param>
public sealed record RingChoice(
    string Colour,
    string Printed,
    Length Barrel,
    Length SleeveDiameter,
    Length Hole,
    string Stud,
    RingShape Shape
)
{
    /// <summary>Where ranges and colours are from.</summary>
    public const string Source = "ranges and colours of insulated terminals, common practice (from memory)";

    private static readonly IReadOnlyList<RingRow> Rows = ReferenceTable.Rows<RingRow>("rings");

    /// <summary>
    /// The ring whose printed range the conductor's area lies in; the smaller where two ranges meet. Null where none
    /// does.
    /// </summary>
    public static RingChoice? For(Conductor conductor, Stud stud)
    {
        var area = conductor.Size.Area.SquareMillimetres;
        var row = Rows.FirstOrDefault(r => area >= r.LeastMm2 && area <= r.MostMm2);
        var hole = RingHole.For(stud.Diameter.Millimetres);
        return row is null
            ? null
            : new RingChoice(
                row.Colour,
                row.Printed,
                stud.BarrelDepth ?? new(row.Barrel),
                new(row.SleeveOd),
                new(hole.Hole),
                hole.Name,
                stud.Shape
            );
    }
}
