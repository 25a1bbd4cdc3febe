using Lacet.Core.Reference;

namespace Lacet.Core.Splices;

/// <summary>A row of the table "boxes".</summary>
/// <param name="Name">Its face and depth.</param>
/// <param name="CubicInches">Its volume, in³.</param>
public sealed record UsualBox(string Name, double CubicInches)
{
    /// <summary>All of them, small to large.</summary>
    public static IReadOnlyList<UsualBox> All { get; } = ReferenceTable.Rows<UsualBox>("boxes");

    /// <summary>The smallest that has so much room; null where none has.</summary>
    public static UsualBox? For(double cubicInches) => All.FirstOrDefault(b => b.CubicInches >= cubicInches - 1e-9);
}
