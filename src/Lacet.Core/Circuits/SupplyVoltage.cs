namespace Lacet.Core.Circuits;

/// <summary>
/// Two voltages may be two names of one supply: 110 to 127 V, 208 to 250 V (common practice).
/// </summary>
public static class SupplyVoltage
{
    private const double Spread = 1.2;

    /// <summary>Whether two voltages, V, are those of one supply.</summary>
    public static bool IsSame(double one, double other) => Math.Max(one, other) <= Math.Min(one, other) * Spread;
}
