using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>
/// What an end strips that is twisted with others, and what is left of the twist (common practice, from memory).
/// </summary>
public static class TwistStrip
{
    /// <summary>1/8 in more or less passes: it is trimmed anyway.</summary>
    private const double Within = 0.125;

    /// <summary>5/8 in, as the table of connectors has it.</summary>
    public static Length Trimmed => new(ConnectorRow.All[ConnectorKind.TwistOn].Trim);

    /// <summary>The strip by the house rule: 1 1/2 in, or 3 in for learners.</summary>
    public static Window<Length> Of(PigtailStrip rule)
    {
        var inches = rule == PigtailStrip.OneAndAHalfInches ? 1.5 : 3;
        return new(Length.FromInches(inches), Length.FromInches(inches - Within), Length.FromInches(inches + Within));
    }
}
