using Lacet.Core.Conductors;

namespace Lacet.Core.Cords;

/// <summary>A cord whose conductors are soldered where it enters a machine.</summary>
public static class SolderedEntry
{
    /// <summary>Where it is from.</summary>
    public const string Source = "common practice; NEC 250.8 (from memory)";

    /// <summary>From this area on 25 W is not enough at all: 16 AWG.</summary>
    private const double ThickMm2 = 1.3;

    /// <summary>
    /// The iron, W, that heats a cord conductor of a size: 35, and 60 from 16 AWG on (common practice).
    /// </summary>
    public static int IronWatts(Conductor conductor) => conductor.Size.Area.SquareMillimetres < ThickMm2 ? 35 : 60;

    /// <summary>What is done, in order.</summary>
    public static IReadOnlyList<FormattableString> Steps(Conductor conductor) =>
        [
            $"Pull the plug and keep it in sight. Tag and photograph the old leads before they are cut: the one from the fuse or switch is the line.",
            $"Wait until the machine’s capacitors are empty; measure them.",
            $"Feed the cord through the strain relief first: stripped, it no longer goes through.",
            $"Strip 6 to 10 mm of each conductor, and twist the strands.",
            $"Flux, and tin thinly: an iron of {IronWatts(conductor)} W or more, 1 mm rosin-cored solder, tin-lead or lead-free. Ventilate.",
            $"Two schools: tin the strands before hooking, which keeps them together; or hook bare and solder once, which bends easier.",
            $"Hook each end through its tag, earth first, then neutral, then line, and pinch it: it holds before any solder.",
            $"Solder each, and hold still until it has set.",
            $"Tie the knot or close the clamp inside, so that no joint carries a pull; an earth never depends on solder alone.",
            $"Measure: earth pin to case under 1 Ω; no reading from either blade to the case; the line’s blade to the fuse.",
            $"First power-up behind ground-fault protection, case closed, nobody touching it.",
        ];
}
