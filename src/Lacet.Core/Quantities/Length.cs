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
    public static double Hair => 0.0005;

    /// <inheritdoc/>
    public static Readout Read(Window<Length> window, WindowPart part)
    {
        var all = (window.Target.Millimetres, window.Least.Millimetres, window.Most.Millimetres);
        var metric = Decimals.Say(all, part, 1) + " mm";
        var value = Math.Round(window[part].Millimetres, 3);
        if (InchFraction.Say(all, part) is { } inches)
        {
            return new Readout(value, Unit, metric, inches);
        }

        // Too narrow for a rule in inches: millimetres lead, and the fraction is said once, of the target.
        var about =
            part == WindowPart.Target && InchFraction.Say(window.Target.Millimetres) is { } near
                ? "about " + near
                : metric;
        return new Readout(value, Unit, metric, about) { Leads = UnitSystem.Metric };
    }

    /// <summary>
    /// Both forms of this length alone: it has no window to stay inside, so it is rounded to the nearest step.
    /// </summary>
    public Readout Read()
    {
        var metric = Decimals.Number(Millimetres, Millimetres < 100 ? 1 : 0) + " mm";
        return new(Math.Round(Millimetres, 3), Unit, metric, InchFraction.Say(Millimetres) ?? metric);
    }

    /// <summary>Both forms of a length that is cut: rounded up, to 5 mm and to 1/4 in.</summary>
    public Readout ReadCut() =>
        new(
            Math.Round(Millimetres, 3),
            Unit,
            Decimals.Number(Math.Ceiling((Millimetres / 5) - 1e-6) * 5, 0) + " mm",
            InchFraction.SayCut(Millimetres)
        );

    /// <summary>Both forms of a length of wire that is laid: metres to a tenth, and whole feet.</summary>
    public Readout ReadLong() =>
        new(
            Math.Round(Millimetres / 1000, 3),
            "m",
            Decimals.Number(Millimetres / 1000, 1) + " m",
            Decimals.Number(UnitsNet.Length.FromMillimeters(Millimetres).Feet, 0) + " ft"
        );

    /// <inheritdoc/>
    public int CompareTo(Length other) => Millimetres.CompareTo(other.Millimetres);

    /// <summary>
    /// In a sentence, "{length}" gives both systems, "{length:mm}" millimetres alone, as pins, nests and small gaps are
    /// said, and "{length:cut}" what is cut.
    /// </summary>
    public string ToString(string? format, IFormatProvider? formatProvider) =>
        format switch
        {
            "mm" => Read().Metric,
            "cut" => ReadCut().ToString(ReaderFormat.Of(formatProvider)),
            _ => Read().ToString(ReaderFormat.Of(formatProvider)),
        };

    /// <inheritdoc/>
    public override string ToString() => ToString(null, ReaderFormat.Metric);

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
