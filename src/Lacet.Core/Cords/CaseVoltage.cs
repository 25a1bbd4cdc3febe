using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>
/// A machine with a mains filter whose case has lost its earth: the two capacitors of the filter divide the voltage,
/// and the case stands where they meet.
/// </summary>
/// <param name="CaseVolts">From the case to anything earthed, V.</param>
/// <param name="TouchMilliamps">What flows through whoever bridges them, mA: what the capacitors let through.</param>
/// <param name="BetweenCasesVolts">Between two such cases plugged in opposite ways, V.</param>
/// <param name="Says">Why it stands there.</param>
/// <param name="Caution">What nobody does about it, and what is done.</param>
public sealed record CaseVoltage(
    double CaseVolts,
    double TouchMilliamps,
    double BetweenCasesVolts,
    Term Says,
    Term Caution
)
{
    private const string NeverLift =
        "Never cut or lift an earth to be rid of a hum or a trip. A case that tickles goes out of use until its earth is found and mended.";

    /// <summary>
    /// A mains filter’s usual capacitor from a conductor to the case, nF (common practice, from memory); one that
    /// failed open has none.
    /// </summary>
    public const double UsualNanofarads = 4.7;

    /// <summary>
    /// The voltage of a case: capacitors from line and neutral to the case in nF, the supply in V and Hz. With its
    /// earth whole it is nothing. <paramref name="reversed"/> swaps line and neutral. Throws
    /// <see cref="ImpossibleInputException"/> where a value cannot be.
    /// </summary>
    public static CaseVoltage Of(
        double volts,
        double hertz,
        double lineNanofarads,
        double neutralNanofarads,
        bool earthed,
        bool reversed
    )
    {
        Hold(volts is > 0 and <= 600, "volts", "The voltage must be more than 0 and at most 600 V.");
        Hold(hertz is >= 16 and <= 400, "hertz", "The frequency must be from 16 to 400 Hz.");
        Hold(
            lineNanofarads is >= 0 and <= 1000,
            "lineNanofarads",
            "A filter’s capacitor has 0 to 1,000 nF; 0 is one that failed open."
        );
        Hold(
            neutralNanofarads is >= 0 and <= 1000,
            "neutralNanofarads",
            "A filter’s capacitor has 0 to 1,000 nF; 0 is one that failed open."
        );
        double Case(double toLine, double toNeutral) =>
            toLine + toNeutral == 0 ? 0 : volts * toLine / (toLine + toNeutral);
        var (line, neutral) = reversed ? (neutralNanofarads, lineNanofarads) : (lineNanofarads, neutralNanofarads);
        if (earthed)
        {
            return new(
                0,
                0,
                0,
                "With its earth whole the case stands at earth, and what the capacitors let through flows off by it.",
                NeverLift
            );
        }

        // Touched, the case is at earth, and all that the line's capacitor lets through flows through the hand.
        var touch = 2 * Math.PI * hertz * line * 1e-9 * volts * 1000;
        return new(
            Case(line, neutral),
            touch,
            Math.Abs(Case(line, neutral) - Case(neutral, line)),
            (line, neutral) switch
            {
                (0, 0) => "With both capacitors gone nothing holds the case anywhere; it is still not earthed.",
                (0, _) or (_, 0) =>
                    "With one capacitor gone the other alone sets the case: it stands at line or at neutral, by which way round it is plugged. Two such cases side by side, one swapped, shock between them.",
                _ when Math.Abs(line - neutral) < 0.2 * Math.Max(line, neutral) =>
                    "The two capacitors share the voltage evenly, and the case stands where they meet: about half. It tickles, and shocks whoever holds something earthed as well.",
                _ =>
                    "The two capacitors divide the voltage, and the case stands where they meet. It shocks whoever holds something earthed as well.",
            },
            NeverLift
        );
    }

    private static void Hold(bool holds, string field, string says)
    {
        if (!holds)
        {
            throw new ImpossibleInputException(field, says);
        }
    }
}
