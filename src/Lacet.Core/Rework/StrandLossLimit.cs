using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Reference;

namespace Lacet.Core.Rework;

/// <summary>A row of the table "strand-loss": how many strands may be lost before an end is cut back.</summary>
/// <param name="MostStrands">Conductors of up to so many strands.</param>
/// <param name="Class12">Strands, class 1 and 2; percent of them in the last row.</param>
/// <param name="Class3">The same, class 3.</param>
public sealed record StrandLossLimit(int MostStrands, int Class12, int Class3)
{
    /// <summary>Where the limits are from.</summary>
    public const string Source = "IPC/WHMA-A-620 (from memory)";

    private const int MostCounted = 120;

    private static readonly IReadOnlyList<StrandLossLimit> Rows = ReferenceTable.Rows<StrandLossLimit>("strand-loss");

    /// <summary>How many strands of a conductor may be nicked or cut off, by the house's class.</summary>
    public static int For(Conductor conductor, StrandLoss rule) => For(conductor.Strands, rule);

    /// <summary>
    /// The same as a part of the strands, percent, rounded down: what is said where nobody counts them.
    /// </summary>
    public static int PercentFor(int strands, StrandLoss rule) =>
        strands > MostCounted
            ? (rule == StrandLoss.General ? Rows[^1].Class12 : Rows[^1].Class3)
            : 100 * For(strands, rule) / strands;

    /// <summary>How many of so many strands may be nicked or cut off, by the house's class.</summary>
    public static int For(int strands, StrandLoss rule)
    {
        var row = Rows.First(r => r.MostStrands >= strands);
        var limit = rule == StrandLoss.General ? row.Class12 : row.Class3;
        return strands > MostCounted ? strands * limit / 100 : limit;
    }
}
