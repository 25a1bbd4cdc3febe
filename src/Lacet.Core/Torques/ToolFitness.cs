using Lacet.Core.Quantities;

namespace Lacet.Core.Torques;

/// <summary>Whether a torque tool suits a target.</summary>
public static class ToolFitness
{
    /// <summary>Below this part of its scale a tool is not trusted (ISO 6789-1, from memory).</summary>
    private const double LeastPart = 0.2;

    /// <summary>A hair for floating-point noise: a fifth of 3 N·m is 0.6 N·m.</summary>
    private const double Hair = 1e-9;

    /// <summary>Null where the tool suits the target, else why it does not. Use is from 20 % to 100 % of the scale.</summary>
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
