using Lacet.Core.Quantities;

namespace Lacet.Core.Torques;

/// <summary>
/// An adapter on a torque wrench that moves the driven axis. A bit extension in line with a screwdriver moves nothing
/// and needs no correction.
/// </summary>
public sealed record WrenchAdapter
{
    /// <summary>
    /// Lever from the drive square to the middle of the grip, and the adapter from the drive square to the driven axis,
    /// mm; its angle in degrees, 0 outward in line with the arm, 180 back toward the hand, 90 square to it.
    /// Throws <see cref="ImpossibleInputException"/> where no wrench is so.
    /// </summary>
    public WrenchAdapter(double leverMm, double adapterMm, double angleDegrees)
    {
        if (!(leverMm is >= 50 and <= 2000))
        {
            throw new ImpossibleInputException(
                "leverMm",
                "The lever, from the drive square to the middle of the grip, must be from 50 to 2,000 mm."
            );
        }

        if (!(adapterMm is >= 0 and <= 1000))
        {
            throw new ImpossibleInputException("adapterMm", "The adapter must be from 0 to 1,000 mm long.");
        }

        if (!(angleDegrees is >= -180 and <= 180))
        {
            throw new ImpossibleInputException("angleDegrees", "The angle must be from −180 to 180 degrees.");
        }

        var reach = leverMm + (adapterMm * Math.Cos(angleDegrees * Math.PI / 180));
        if (reach < leverMm / 4)
        {
            throw new ImpossibleInputException(
                "adapterMm",
                "Such an adapter brings the axis too near the hand: the wrench would read anything."
            );
        }

        Factor = leverMm / reach;
    }

    /// <summary>What the wrench is set to, as a part of what the screw is to get: L/(L + E·cos φ) (geometry).</summary>
    public double Factor { get; }

    /// <summary>The setting that gives the screw a torque.</summary>
    public Torque SettingFor(Torque atTheScrew) => atTheScrew * Factor;
}
