using Lacet.Core.Quantities;

namespace Lacet.Workshop.Records;

/// <summary>A strip length that somebody measured.</summary>
public static class MeasuredStrip
{
    private const double Longest = 200;

    /// <summary>As a length; throws with a sentence where it cannot be one.</summary>
    /// <param name="mm">mm.</param>
    public static Length? Read(double? mm) =>
        mm is null ? null
        : mm is > 0 and <= Longest ? new Length(mm.Value)
        : throw new ImpossibleInputException(
            "measuredStripMm",
            "A measured strip must be more than 0 and at most 200 mm."
        );
}
