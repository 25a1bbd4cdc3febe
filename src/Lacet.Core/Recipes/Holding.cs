using Lacet.Core.Landings;

namespace Lacet.Core.Recipes;

/// <summary>What holds the end where nothing is tightened to a torque: the third reading then says this.</summary>
/// <param name="Fastening">What holds it.</param>
/// <param name="Headline">In a word or two.</param>
/// <param name="Detail">What the hand does.</param>
public sealed record Holding(Fastening Fastening, FormattableString Headline, FormattableString Detail)
{
    /// <summary>Of a kind of fastening.</summary>
    public static Holding Of(Fastening fastening) =>
        fastening switch
        {
            Fastening.Spring => new(fastening, $"Spring", $"Nothing to tighten: let it close, then tug."),
            Fastening.Lever => new(fastening, $"Lever", $"Press it right down, then tug."),
            Fastening.Pivot => new(fastening, $"Pivot", $"Turn it to its stop with a blade, then tug."),
            Fastening.Solder => new(fastening, $"Solder", $"Nothing to tighten: hooked first, then soldered."),
            _ => new(fastening, $"Tighten", $"To the torque."),
        };
}
