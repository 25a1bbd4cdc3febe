using Lacet.Core.Reference;

namespace Lacet.Core.Landings;

/// <summary>A row of the table "landing-traits": how landings of a kind differ in use.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Minutes">One end, from the cut to the look at the end, by a practised hand, min.</param>
/// <param name="Vibration">How it stands vibration.</param>
public sealed record LandingTraits(string Kind, double Minutes, StandsVibration Vibration)
{
    private static readonly Dictionary<string, LandingTraits> ByKind = ReferenceTable
        .Rows<LandingTraits>("landing-traits")
        .ToDictionary(r => r.Kind, StringComparer.Ordinal);

    /// <summary>Why it stands vibration so, in a sentence.</summary>
    public FormattableString Says =>
        Vibration switch
        {
            StandsVibration.Holds => $"The spring follows the wire: vibration does not loosen it.",
            StandsVibration.Locks => $"Holds at its torque: look again after a while, and mark the screw.",
            _ when string.Equals(Kind, "solder-lug", StringComparison.Ordinal) =>
                $"Stiff where the solder ends: the wire breaks there unless it is held.",
            _ => $"One small spring edge on the wire: it works loose with heat and movement.",
        };

    /// <summary>The row of a kind.</summary>
    public static LandingTraits For(string kind) => ByKind[kind];
}
