using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>How far a plug’s screws stand from the inside of its clamp: what its conductors are cut by.</summary>
public sealed record PlugPaths
{
    /// <summary>Measured ways; throws <see cref="ImpossibleInputException"/> where one cannot be.</summary>
    public PlugPaths(Length line, Length neutral, Length? earth)
    {
        (Line, Neutral, Earth) = (
            Held(line, "landing.toLineMm"),
            Held(neutral, "landing.toNeutralMm"),
            earth is { } way ? Held(way, "landing.toEarthMm") : null
        );
    }

    /// <summary>To the line’s screw.</summary>
    public Length Line { get; }

    /// <summary>To the neutral’s screw.</summary>
    public Length Neutral { get; }

    /// <summary>To the earth’s screw; null in a plug without one.</summary>
    public Length? Earth { get; }

    /// <summary>A way as it can be.</summary>
    internal static Length Held(Length way, string field) =>
        way.Millimetres is >= 8 and <= 200
            ? way
            : throw new ImpossibleInputException(field, "From the clamp to a screw it is 8 to 200 mm.");
}
