using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>
/// American wire gauge by its defining law (ASTM B258): 36 AWG is 0.005 in, 0000 is 0.46 in, 39 equal ratios between.
/// A bigger gauge number is a smaller wire.
/// </summary>
public static class WireGauge
{
    /// <summary>One circular mil is the area of a circle of 0.001 in; kcmil are thousands of them. In mm².</summary>
    public static readonly double SquareMillimetresPerKcmil =
        Math.PI / 4 * Math.Pow(UnitsNet.Length.FromInches(0.001).Millimeters, 2) * 1000;

    private static readonly (string Name, double LogArea)[] Stocked =
    [
        .. new[] { 28, 26, 24, 22, 20, 18, 16, 14, 12, 10, 8, 6, 4, 2, 0, -1, -2, -3 }
            .Select(n => (Name(n), Math.Log(AreaOf(n).SquareMillimetres)))
            .Append(("250 kcmil", Math.Log(250 * SquareMillimetresPerKcmil))),
    ];

    /// <summary>The diameter of a solid conductor. n = 0 is 1/0, −1 is 2/0, −2 is 3/0, −3 is 4/0.</summary>
    public static Length DiameterOf(int n) => Length.FromInches(0.005 * Math.Pow(92, (36 - n) / 39.0));

    /// <summary>The area of a solid conductor of that gauge.</summary>
    public static Area AreaOf(int n) => new(Math.PI / 4 * Math.Pow(DiameterOf(n).Millimetres, 2));

    /// <summary>The gauge of an area, which need not be whole: the law the other way round.</summary>
    public static double Of(Area area) =>
        36
        - (
            39
            * Math.Log(Math.Sqrt(area.SquareMillimetres * 4 / Math.PI) / Length.FromInches(0.005).Millimetres)
            / Math.Log(92)
        );

    /// <summary>How the trade writes it: "14 AWG", "2/0 AWG".</summary>
    public static string Name(int n) =>
        n > 0
            ? string.Create(CultureInfo.InvariantCulture, $"{n} AWG")
            : string.Create(CultureInfo.InvariantCulture, $"{1 - n}/0 AWG");

    /// <summary>The stocked gauge nearest in area, by ratio.</summary>
    internal static string NearestName(Area area)
    {
        var log = Math.Log(area.SquareMillimetres);
        return Stocked.MinBy(s => Math.Abs(s.LogArea - log)).Name;
    }
}
