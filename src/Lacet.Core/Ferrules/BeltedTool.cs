using Lacet.Core.Quantities;

namespace Lacet.Core.Ferrules;

/// <summary>
/// When a tool that strips, cuts and crimps belted ferrules pays: it works about three times as fast as loose ferrules
/// (common practice), and its ferrules and the tool itself cost more. Prices are in any one currency.
/// </summary>
/// <param name="ToolPrice">What the tool costs more than the loose-ferrule crimper.</param>
/// <param name="HourlyWage">What an hour of work costs.</param>
/// <param name="LooseSeconds">Seconds for one end with loose ferrules: strip, fit, crimp.</param>
/// <param name="BeltedSeconds">Seconds for one end with the belted tool.</param>
/// <param name="LoosePrice">What a loose ferrule costs.</param>
/// <param name="BeltedPrice">What a belted ferrule costs.</param>
public sealed record BeltedTool(
    double ToolPrice = 600,
    double HourlyWage = 45,
    double LooseSeconds = 45,
    double BeltedSeconds = 15,
    double LoosePrice = 0.03,
    double BeltedPrice = 0.12
)
{
    /// <summary>What it is good for, in a sentence (common practice).</summary>
    public const string Says =
        "A tool that strips, cuts and crimps belted ferrules works about three times as fast as loose ones (22–14 AWG, 50 to a belt). Prices in your own currency.";

    /// <summary>Belts are made for 22 to 14 AWG, 50 to a belt (common practice).</summary>
    public static bool Takes(Area ferrule) => ferrule.SquareMillimetres is >= 0.34 and <= 2.5;

    /// <summary>The count of ends from which it pays; null where each end costs more than it saves.</summary>
    public int? PaysFrom()
    {
        Check(ToolPrice, 1, "toolPrice", "The tool’s price must be from 1 to 1,000,000.");
        Check(HourlyWage, 0.01, "hourlyWage", "An hour’s price must be more than 0 and at most 1,000,000.");
        Check(LooseSeconds, 1, "looseSeconds", "The time for an end must be from 1 s.");
        Check(BeltedSeconds, 1, "beltedSeconds", "The time for an end must be from 1 s.");
        Check(LoosePrice, 0, "loosePrice", "A ferrule’s price must not be negative.");
        Check(BeltedPrice, 0, "beltedPrice", "A ferrule’s price must not be negative.");
        var saved = (HourlyWage * (LooseSeconds - BeltedSeconds) / 3600) + LoosePrice - BeltedPrice;
        return saved <= 0 ? null : (int)Math.Min(int.MaxValue, Math.Ceiling(ToolPrice / saved));
    }

    private static void Check(double value, double least, string field, string sentence)
    {
        if (!(value >= least && value <= 1_000_000))
        {
            throw new ImpossibleInputException(field, sentence);
        }
    }
}
