using Lacet.Core.Reference;

namespace Lacet.Core.Landings;

/// <summary>A row of the table "typical-blocks": what a block of that greatest size usually has.</summary>
/// <param name="Most">Greatest size, mm².</param>
/// <param name="StripDepth">Strip depth, mm.</param>
/// <param name="Thread">Clamping screw's thread, mm.</param>
/// <param name="Drive">"II" turned by a screwdriver, "III" by other means (IEC 60947-1).</param>
public sealed record TypicalBlock(double Most, double StripDepth, double Thread, string Drive)
{
    private static readonly IReadOnlyList<TypicalBlock> Rows = ReferenceTable.Rows<TypicalBlock>("typical-blocks");

    /// <summary>The smallest typical block that reaches a size.</summary>
    public static TypicalBlock For(double mostMm2) => Rows.FirstOrDefault(r => r.Most >= mostMm2) ?? Rows[^1];
}
