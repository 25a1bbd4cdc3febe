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
    /// The jacket's outside diameter, and the way from the clamp's inside to the furthest landing along the run, both mm;
    /// null where nobody measured. Throws <see cref="ImpossibleInputException"/> where they cannot be.
    /// </summary>
    public CableEntry(double? jacketMm, double? reachMm)
    {
        Jacket = jacketMm is null or (>= 2 and <= 80)
            ? Of(jacketMm)
            : throw new ImpossibleInputException(
                "entry.jacketOuterDiameterMm",
                "A jacket’s diameter must be from 2 to 80 mm."
            );
        Reach = reachMm is null or (>= 5 and <= 5000)
            ? Of(reachMm)
            : throw new ImpossibleInputException(
                "entry.reachMm",
                "The way from the clamp to the landing must be from 5 to 5,000 mm."
            );
        Gland = jacketMm is { } over ? Gland.For(over) : null;

        static Length? Of(double? mm) => mm is { } given ? new Length(given) : null;
    }

    /// <summary>The jacket's outside diameter; null where nobody measured.</summary>
    public Length? Jacket { get; }

    /// <summary>From the clamp's inside to the furthest landing, along the run; null where nobody measured.</summary>
    public Length? Reach { get; }

    /// <summary>The gland that usually clamps it; null beyond the table, and where nobody measured.</summary>
    public Gland? Gland { get; }

    /// <summary>The cable's name; null where it has none, as at the Bench.</summary>
    public string? Name { get; init; }

    /// <summary>How many of its conductors end here: they share one jacket.</summary>
    public int Conductors { get; init; } = 1;

    /// <summary>Whether a shield or foil lies under the jacket.</summary>
    public bool IsShielded { get; init; }

    /// <summary>Whether it is two conductors side by side, which are parted.</summary>
    public bool IsParallel { get; init; }

    /// <summary>
    /// How much of the jacket comes off: the way to the landing and the strip, and wire for two reworks; at a device in
    /// a box never less than 6 in; less what stays under the clamp. Null where nobody measured the way.
    /// </summary>
    public Length? JacketOff(Length strip, bool atADevice)
    {
        if (Reach is not { } reach)
        {
            return null;
        }

        var asked = reach + strip + new Length(Reworks * FreeLength.Spent(strip).Millimetres);
        return (atADevice && asked < FreeLength.Least ? FreeLength.Least : asked) - PastTheClamp;
    }
}
