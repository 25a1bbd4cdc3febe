using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>A cable or cord where it enters an enclosure, box or plug.</summary>
public sealed record CableEntry
{
    /// <summary>The jacket reaches so far past the clamp on its inside: 1/4 in (NEC 314.17(C), from memory).</summary>
    private static readonly Length PastTheClamp = Length.FromInches(0.25);

    private const int Reworks = 2;

    /// <summary>
    /// The jacket's outside diameter, and the way from the clamp's inside to the landing along the run, both mm.
    /// Throws <see cref="ImpossibleInputException"/> where they cannot be.
    /// </summary>
    public CableEntry(double jacketMm, double reachMm)
    {
        Jacket = new(
            jacketMm is >= 2 and <= 80
                ? jacketMm
                : throw new ImpossibleInputException(
                    "entry.jacketOuterDiameterMm",
                    "A jacket’s diameter must be from 2 to 80 mm."
                )
        );
        Reach = new(
            reachMm is >= 5 and <= 5000
                ? reachMm
                : throw new ImpossibleInputException(
                    "entry.reachMm",
                    "The way from the clamp to the landing must be from 5 to 5,000 mm."
                )
        );
        Gland = Gland.For(jacketMm);
    }

    /// <summary>The jacket's outside diameter.</summary>
    public Length Jacket { get; }

    /// <summary>From the clamp's inside to the landing, along the run.</summary>
    public Length Reach { get; }

    /// <summary>The gland that usually clamps it; null beyond the table.</summary>
    public Gland? Gland { get; }

    /// <summary>
    /// How much of the jacket comes off: the way to the landing and the strip, and wire for two reworks; at a device in
    /// a box never less than 6 in; less what stays under the clamp.
    /// </summary>
    public Length JacketOff(Length strip, bool atADevice)
    {
        var asked = Reach + strip + new Length(Reworks * FreeLength.Spent(strip).Millimetres);
        return (atADevice && asked < FreeLength.Least ? FreeLength.Least : asked) - PastTheClamp;
    }
}
