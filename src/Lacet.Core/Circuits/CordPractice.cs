using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>
/// How a region chooses its cords: its sizes, what they carry, the thinnest that is used, the drop it advises.
/// </summary>
/// <param name="Rows">Every size, thin to thick.</param>
/// <param name="Source">Where these are from.</param>
/// <param name="Floor">The thinnest for appliances and motors.</param>
/// <param name="FloorSays">The floor in words, after "is the floor for …".</param>
/// <param name="FloorSource">Where the floor is from.</param>
/// <param name="Drop">The drop that is advised, percent; for lighting it is 3 everywhere.</param>
/// <param name="DropSource">Where the advised drop is from.</param>
/// <param name="MostLoaded">So many loaded conductors the table, and what it is corrected by, covers.</param>
internal sealed record CordPractice(
    IReadOnlyList<CordAmpacityRow> Rows,
    string Source,
    ConductorSize Floor,
    string FloorSays,
    string FloorSource,
    double Drop,
    string DropSource,
    int MostLoaded
)
{
    private static readonly CordPractice American = new(
        ReferenceTable.Rows<CordAmpacityRow>("nec-400-5"),
        "NEC 400.5(A)(1) (from memory)",
        ConductorSize.Parse("16 AWG"),
        "16 AWG three-wire is the floor; 18 AWG is for light electronics only",
        "common practice (from memory)",
        VoltageDrop.Advised,
        "NEC 210.19(A) note, chapter 9 table 8 (from memory)",
        20
    );

    private static readonly CordPractice Metric = new(
        ReferenceTable.Rows<CordAmpacityRow>("hd-516"),
        "HD 516 (from memory)",
        ConductorSize.Parse("0.75 mm²"),
        "0.75 mm² is the floor; 0.5 mm² is for short cords up to 3 A",
        "IEC 60335-1 table 11 (from memory)",
        VoltageDrop.AdvisedInAll,
        "IEC 60364-5-52 annex G, IEC 60228 (from memory)",
        3
    );

    internal static CordPractice Of(Region region) => region == Region.NorthAmerica ? American : Metric;

    /// <summary>The drop that is advised for a use, percent.</summary>
    internal double DropAdvised(CordUse use) => use == CordUse.Light ? VoltageDrop.Advised : Drop;
}
