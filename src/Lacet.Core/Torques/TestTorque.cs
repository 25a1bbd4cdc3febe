using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Torques;

/// <summary>A row of the table "iec60947-torque": test torques by thread, N·m.</summary>
/// <param name="MostThread">Up to this metric thread diameter, mm.</param>
/// <param name="Headless">Column I, headless screws.</param>
/// <param name="Screwdriver">Column II, screws turned by a screwdriver.</param>
/// <param name="Other">Column III, screws turned by other means.</param>
public sealed record TestTorque(double MostThread, double? Headless, double? Screwdriver, double? Other)
{
    /// <summary>
    /// Makers ask for the test torque and up to 1.6 times as much: 0.5 to 0.8 N·m at 2.5 mm², where the test is 0.5
    /// (common practice).
    /// </summary>
    private const double UsualMost = 1.6;

    private const double UsualTarget = 1.2;

    private static readonly IReadOnlyList<TestTorque> Rows = ReferenceTable.Rows<TestTorque>("iec60947-torque");

    /// <summary>The row of a thread.</summary>
    public static TestTorque ForThread(double threadMm) => Rows.First(r => r.MostThread >= threadMm);

    /// <summary>A usual window for a block of which only the size is known.</summary>
    internal static Window<Torque> WindowFor(TypicalBlock block)
    {
        var row = ForThread(block.Thread);
        return Around(string.Equals(block.Drive, "II", StringComparison.Ordinal) ? row.Screwdriver : row.Other);
    }

    /// <summary>A usual window for a nut on a stud, or for what a screwdriver turns there.</summary>
    internal static Window<Torque> WindowFor(Length stud, bool byScrewdriver) =>
        Around(ForThread(stud.Millimetres) is var row && byScrewdriver ? row.Screwdriver ?? row.Other : row.Other);

    private static Window<Torque> Around(double? newtonMetres)
    {
        var test = new Torque(newtonMetres!.Value);
        return new(test * UsualTarget, test, test * UsualMost);
    }
}
