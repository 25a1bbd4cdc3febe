using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Strip;

/// <summary>The strip length of a bare, straight end.</summary>
public static class StripDepth
{
    /// <summary>
    /// The landing's depth, ±1 mm up to 15 mm and ±1.5 mm over (common practice where the landing gives no tolerance).
    /// </summary>
    public static Window<Length> Window(Length depth)
    {
        var tolerance = new Length(depth.Millimetres <= 15 ? 1 : 1.5);
        return new(depth, depth - tolerance, depth + tolerance);
    }

    /// <summary>The window of a landing: of its own depth, or what is usual for its kind.</summary>
    public static Window<Length> Window(PrintedLanding landing) => landing.TypicalStrip ?? Window(landing.StripDepth);
}
