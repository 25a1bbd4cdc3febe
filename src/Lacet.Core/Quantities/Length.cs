namespace Lacet.Core.Quantities;

/// <summary>A length. Renders as "9.5 mm (3/8 in)".</summary>
/// <param name="Millimetres">The length in millimetres.</param>
public readonly record struct Length(double Millimetres) : IQuantity<Length>, IFormattable
{
    /// <inheritdoc/>
    public static string Unit => "mm";

    /// <inheritdoc/>
    public double Value => Millimetres;

    /// <summary>A length from inches (UnitsNet converts).</summary>
    public static Length FromInches(double inches) => new(UnitsNet.Length.FromInches(inches).Millimeters);

    /// <inheritdoc/>
    public static Readout Read(Window<Length> window, WindowPart part)
    {
        var value = window[part].Millimetres;
        var (least, most) = (window.Least.Millimetres, window.Most.Millimetres);
        return new Readout(
            Math.Round(value, 3),
            Unit,
            Decimals.Say(value, least, most, part, 1) + " mm",
            InchFraction.Say(value, least, most, part));
    }

    /// <summary>Both forms of this length alone: it has no window to stay inside, so it is rounded to the nearest step.</summary>
    public Readout Read() => new(
        Math.Round(Millimetres, 3),
        Unit,
        Decimals.Number(Millimetres, 1) + " mm",
        InchFraction.Say(Millimetres));

    /// <inheritdoc/>
    public int CompareTo(Length other) => Millimetres.CompareTo(other.Millimetres);

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) => Read().ToString(UnitLead.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, UnitLead.Metric);

    /// <summary>Adds two lengths.</summary>
    public static Length operator +(Length a, Length b) => new(a.Millimetres + b.Millimetres);

    /// <summary>Subtracts two lengths.</summary>
    public static Length operator -(Length a, Length b) => new(a.Millimetres - b.Millimetres);

    /// <summary>Whether one length is shorter.</summary>
    public static bool operator <(Length a, Length b) => a.Millimetres < b.Millimetres;

    /// <summary>Whether one length is longer.</summary>
    public static bool operator >(Length a, Length b) => a.Millimetres > b.Millimetres;

    /// <summary>Whether one length is no longer than the other.</summary>
    public static bool operator <=(Length a, Length b) => a.Millimetres <= b.Millimetres;

    /// <summary>Whether one length is no shorter than the other.</summary>
    public static bool operator >=(Length a, Length b) => a.Millimetres >= b.Millimetres;
}
