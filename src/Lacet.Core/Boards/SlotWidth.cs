using Lacet.Core.Jobs;
using Lacet.Core.Reference;

namespace Lacet.Core.Boards;

/// <summary>A row of the table "slot-widths".</summary>
/// <param name="Most">Up to this size, mm².</param>
/// <param name="Width">Width on the rail, mm.</param>
public sealed record SlotWidth(double Most, double Width)
{
    private static readonly IReadOnlyList<SlotWidth> Rows = ReferenceTable.Rows<SlotWidth>("slot-widths");

    /// <summary>A landing that nobody described stands as wide as the commonest block.</summary>
    private const double CommonestMm2 = 4;

    /// <summary>How wide a landing stands on its rail, mm, by the largest conductor that it takes.</summary>
    public static double Of(JobLanding landing)
    {
        var most = landing.Landing is Landings.PrintedLanding printed ? printed.MostMm2 : CommonestMm2;
        return (Rows.FirstOrDefault(r => most <= r.Most) ?? Rows[^1]).Width;
    }
}
