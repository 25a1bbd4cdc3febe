using Lacet.Core.Quantities;

namespace Lacet.Core.Torques;

/// <summary>Whether a torque tool suits a target.</summary>
public static class ToolFitness
{
    /// <summary>Below this part of its scale a tool is not trusted (ISO 6789-1, from memory).</summary>
    private const double LeastPart = 0.2;

    /// <summary>A hair for floating-point noise: a fifth of 3 N·m is 0.6 N·m.</summary>
    private const double Hair = 1e-9;

    /// <summary>
    /// Calibration holds so many months, or so many cycles, whichever ends first (ISO 6789-1, from memory).
    /// </summary>
    private const int CalibrationMonths = 12;

    private const int CalibrationCycles = 5000;

    /// <summary>Null while the calibration holds on a day, else why it does not.</summary>
    /// <param name="calibratedOn">Date of the last calibration.</param>
    /// <param name="cycles">Cycles since then; null where nobody counts.</param>
    /// <param name="today">The day that is asked about.</param>
    public static FormattableString? CalibrationProblem(DateOnly calibratedOn, int? cycles, DateOnly today)
    {
        var until = calibratedOn.AddMonths(CalibrationMonths);
        if (today > until)
        {
            return $"Its calibration ended on {until:yyyy-MM-dd}, after 12 months. Have it calibrated before its readings are signed for.";
        }

        return cycles > CalibrationCycles
            ? (FormattableString)
                $"It has turned {cycles} times since its calibration, which holds for 5,000. Have it calibrated."
            : null;
    }

    /// <summary>
    /// Null where the tool suits the target, else why it does not. Use is from 20 % to 100 % of the scale.
    /// </summary>
    public static FormattableString? Problem(Torque scale, Torque target)
    {
        var least = scale * LeastPart;
        if (target.NewtonMetres < least.NewtonMetres - Hair)
        {
            return $"This driver is good from {least} to {scale}; {target} lies below. Take a smaller one.";
        }

        return target.NewtonMetres > scale.NewtonMetres + Hair
            ? (FormattableString)$"This driver is good from {least} to {scale}; {target} lies above. Take a larger one."
            : null;
    }
}
