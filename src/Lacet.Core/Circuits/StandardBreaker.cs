namespace Lacet.Core.Circuits;

/// <summary>Standard ratings of breakers and fuses, A (NEC 240.6(A), from memory).</summary>
public static class StandardBreaker
{
    /// <summary>
    /// An ampacity that is no standard rating may be protected by the next larger one up to so much (NEC 240.4(B), from
    /// memory).
    /// </summary>
    private const double MostRoundedUp = 800;

    /// <summary>All of them, small to large.</summary>
    public static IReadOnlyList<double> Ratings { get; } =
    [
        15,
        20,
        25,
        30,
        35,
        40,
        45,
        50,
        60,
        70,
        80,
        90,
        100,
        110,
        125,
        150,
        175,
        200,
        225,
        250,
        300,
        350,
        400,
        450,
        500,
        600,
        700,
        800,
        1000,
        1200,
    ];

    /// <summary>The smallest standard rating of at least so much; null beyond the table.</summary>
    public static double? AtLeast(double amps) => Ratings.Cast<double?>().FirstOrDefault(r => r >= amps - 1e-9);

    /// <summary>The largest standard rating of at most so much; null below the table.</summary>
    public static double? AtMost(double amps) => Ratings.Cast<double?>().LastOrDefault(r => r <= amps + 1e-9);

    /// <summary>
    /// What may protect a conductor of an ampacity: that, or where it is no standard rating the next larger one (NEC
    /// 240.4(B), from memory). Not on a circuit of several receptacles for plugged loads: there never more than the
    /// ampacity.
    /// </summary>
    public static double Over(double ampacity, bool feedsReceptacles) =>
        !feedsReceptacles && AtLeast(ampacity) is { } next && next <= MostRoundedUp ? next : ampacity;
}
