using Lacet.Core.Reference;

namespace Lacet.Core.Cords;

/// <summary>A row of the table "glands".</summary>
/// <param name="Name">Its thread.</param>
/// <param name="LeastJacket">Thinnest jacket, mm.</param>
/// <param name="MostJacket">Thickest jacket, mm.</param>
public sealed record Gland(string Name, double LeastJacket, double MostJacket)
{
    private static readonly IReadOnlyList<Gland> Rows = ReferenceTable.Rows<Gland>("glands");

    /// <summary>The smallest gland that usually clamps a jacket; null beyond the table.</summary>
    public static Gland? For(double jacketMm) =>
        Rows.FirstOrDefault(g => jacketMm >= g.LeastJacket && jacketMm <= g.MostJacket);
}
