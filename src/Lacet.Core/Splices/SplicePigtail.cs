using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>A pigtail from a splice to a landing in the same box.</summary>
/// <param name="Length">What is cut.</param>
/// <param name="SpliceStrip">What its end in the splice strips.</param>
/// <param name="LandingStrip">What its other end strips; null where that is not known, and then nothing is reckoned for
/// it.</param>
/// <param name="Spare">What of its length is there for making it anew.</param>
/// <param name="Reworks">How often it can be made anew at the landing before it is too short.</param>
public sealed record SplicePigtail(Length Length, Length SpliceStrip, Length? LandingStrip, Length Spare, int Reworks)
{
    /// <summary>So often a new pigtail can be made anew (common practice).</summary>
    public const int UsualReworks = 2;

    /// <summary>
    /// Plans one by the house rule of what a splice end strips: the one rule of a pigtail’s length, whoever asks.
    /// </summary>
    public static SplicePigtail For(PigtailStrip rule, Length? landingStrip) =>
        Of(TwistStrip.Of(rule).Target, landingStrip);

    /// <summary>
    /// Plans one: six inches free (NEC 300.14, from memory), what both ends strip, and room for making its landing end
    /// anew so often; each time costs the strip and about 10 mm.
    /// </summary>
    public static SplicePigtail Of(Length spliceStrip, Length? landingStrip, int reworks = UsualReworks)
    {
        if (reworks is < 0 or > 10)
        {
            throw new ImpossibleInputException("reworks", "Plan for making it anew from 0 to 10 times.");
        }

        var spare = new Length(reworks * FreeLength.Spent(landingStrip ?? new Length(0)).Millimetres);
        return new(
            FreeLength.Least + spliceStrip + (landingStrip ?? new Length(0)) + spare,
            spliceStrip,
            landingStrip,
            spare,
            reworks
        );
    }
}
