namespace Lacet.Core.Quantities;

/// <summary>A pull. Renders as "40 N (9 lbf)".</summary>
/// <param name="Newtons">The force in newtons.</param>
public readonly record struct Force(double Newtons) : IFormattable
{
    /// <summary>A force from pounds (UnitsNet converts).</summary>
    public static Force FromPounds(double pounds) => new(UnitsNet.Force.FromPoundsForce(pounds).Newtons);

    /// <summary>Both forms of a most, to the newton and the half pound below, so that neither asks for more.</summary>
    public Readout Read() => Read(Math.Floor, 1e-9);

    /// <summary>Both forms of a least, to the newton and the half pound above, so that neither asks for less.</summary>
    public Readout ReadLeast() => Read(Math.Ceiling, -1e-9);

    /// <summary>In a sentence, "{force}" is a most and "{force:least}" a least.</summary>
    public string ToString(string? format, IFormatProvider? formatProvider) =>
        (format is "least" ? ReadLeast() : Read()).ToString(ReaderFormat.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, ReaderFormat.Metric);

    private Readout Read(Func<double, double> round, double noise) =>
        new(
            Math.Round(Newtons, 1),
            "N",
            Decimals.Number(round(Newtons + noise), 0) + " N",
            Decimals.Number(round((UnitsNet.Force.FromNewtons(Newtons).PoundsForce * 2) + noise) / 2, 1) + " lbf"
        );
}
