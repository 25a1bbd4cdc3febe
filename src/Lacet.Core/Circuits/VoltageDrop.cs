using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>Voltage drop along a circuit: 2·L·R·I with one phase, √3·L·R·I with three.</summary>
public static class VoltageDrop
{
    /// <summary>
    /// Conductors are taken as warm as the table that the trade works with has them, °C (NEC chapter 9 table 8, from
    /// memory).
    /// </summary>
    private const double WarmC = 75;

    /// <summary>Usual advice for a branch, percent (NEC 210.19(A) note, from memory).</summary>
    public const double Advised = 3;

    /// <summary>Usual advice from the supply to the farthest load, percent (NEC 210.19(A) note, from memory).</summary>
    public const double AdvisedInAll = 5;

    /// <summary>Where resistances and advice are from.</summary>
    public const string Source = "NEC 210.19(A) note, chapter 9 table 8; IEC 60228 (from memory)";

    /// <summary>A conductor's resistance over a length, one way, Ω at 75 °C; null where no table covers it.</summary>
    public static double? Ohms(Conductor conductor, Length length)
    {
        // Temperature coefficients at 20 °C, 1/K (IEC 60028 copper; aluminium from memory).
        var alpha = conductor.Material == Material.Copper ? 0.00393 : 0.00403;
        return conductor.ResistanceOhmPerKm * (1 + (alpha * (WarmC - 20))) * length.Millimetres / 1e6;
    }

    /// <summary>The drop in percent of the voltage, for the resistance of one way.</summary>
    public static double Percent(double ohmsOneWay, double amps, double volts, int phases) =>
        (phases == 3 ? Math.Sqrt(3) : 2) * ohmsOneWay * amps / volts * 100;
}
