using Lacet.Core.Quantities;

namespace Lacet.Core.Ferrules;

/// <summary>A ferrule that a list or a hand already chose, as far as it is known.</summary>
public sealed record GivenFerrule
{
    /// <summary>Nothing of it known yet.</summary>
    public GivenFerrule() { }

    /// <summary>Of what is printed on it.</summary>
    /// <param name="sizeMm2">The size printed on it, mm²; null where nobody said.</param>
    /// <param name="pin">Length of its metal tube; null where nobody said.</param>
    /// <param name="collar">Its collar; null where nobody said.</param>
    public GivenFerrule(double? sizeMm2, Length? pin = null, Collar? collar = null) =>
        (SizeMm2, Pin, Collar) = (sizeMm2, pin, collar);

    /// <summary>The size printed on it, mm²; null where nobody said.</summary>
    public double? SizeMm2 { get; init; }

    /// <summary>Length of its metal tube; null where nobody said.</summary>
    public Length? Pin { get; init; }

    /// <summary>Its collar; null where nobody said.</summary>
    public Collar? Collar { get; init; }
}
