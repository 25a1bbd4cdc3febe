using Lacet.Core.Quantities;

namespace Lacet.Core.Practice;

/// <summary>
/// A screw that is turned at a steady speed, as a digital driver feels it: run-down, snug, elastic, yield. A model to
/// train with, not a measurement: the torque at which it yields, 1.6 × the target, is generic.
/// </summary>
public sealed class ScrewJoint
{
    private const double DegreesPerSecond = 120;
    private const double RunDownDegrees = 80;
    private const double SnugDegrees = 40;
    private const double DegreesFromSnugToTarget = 220;
    private const double RunDownPart = 0.04;
    private const double SnugPart = 0.15;
    private const double YieldPart = 1.6;
    private const double Noise = 0.008;

    private readonly Torque _target;
    private readonly Random _random;

    /// <summary>A fresh screw with that target; the same seed gives the same noise.</summary>
    public ScrewJoint(Torque target, int seed)
    {
        _target = target;
        _random = new Random(seed);
    }

    /// <summary>How far the screw has turned after so long, degrees.</summary>
    public static double AngleAfter(TimeSpan held) => held.TotalSeconds * DegreesPerSecond;

    /// <summary>The torque at an angle, without noise.</summary>
    public Torque At(double degrees)
    {
        var snugAt = RunDownDegrees + SnugDegrees;
        var elastic = SnugPart + ((degrees - snugAt) / DegreesFromSnugToTarget * (1 - SnugPart));
        var part = degrees switch
        {
            <= RunDownDegrees => RunDownPart,
            _ when degrees <= snugAt => RunDownPart
                + (Square((degrees - RunDownDegrees) / SnugDegrees) * (SnugPart - RunDownPart)),
            _ when elastic <= YieldPart => elastic,
            // Past the yield the thread stretches: the torque hardly grows any more.
            _ => YieldPart + (0.15 * (1 - Math.Exp(-(elastic - YieldPart)))),
        };
        return _target * part;
    }

    /// <summary>A reading at an angle, with about 1 % of noise.</summary>
    public Torque Feel(double degrees) => At(degrees) * (1 + (Noise * ((_random.NextDouble() * 2) - 1)));

    private static double Square(double value) => value * value;
}
