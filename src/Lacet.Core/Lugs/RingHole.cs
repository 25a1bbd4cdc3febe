using Lacet.Core.Reference;

namespace Lacet.Core.Lugs;

/// <summary>A row of the table "ring-holes".</summary>
/// <param name="Name">The stud or screw that it is named for.</param>
/// <param name="Thread">The thickest that it passes, mm.</param>
/// <param name="Hole">Its hole, mm.</param>
public sealed record RingHole(string Name, double Thread, double Hole)
{
    private static readonly IReadOnlyList<RingHole> Rows = ReferenceTable.Rows<RingHole>("ring-holes");

    /// <summary>The smallest that a stud goes through, mm; the largest beyond the table.</summary>
    public static RingHole For(double studMm) => Rows.FirstOrDefault(r => r.Thread >= studMm - 1e-9) ?? Rows[^1];
}
