using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "nec-310-15-c1".</summary>
/// <param name="MostConductors">Up to so many loaded conductors.</param>
/// <param name="Percent">What is left of the ampacity.</param>
public sealed record BundleFactor(int MostConductors, double Percent)
{
    private static readonly IReadOnlyList<BundleFactor> Rows = ReferenceTable.Rows<BundleFactor>("nec-310-15-c1");

    /// <summary>What is left of the ampacity, as a fraction, where so many loaded conductors run together.</summary>
    public static double For(int loadedConductors) =>
        Rows.First(r => loadedConductors <= r.MostConductors).Percent / 100;
}
