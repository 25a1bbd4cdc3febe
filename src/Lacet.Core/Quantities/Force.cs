namespace Lacet.Core.Quantities;

/// <summary>A pull. Renders as "40 N (9 lbf)".</summary>
/// <param name="Newtons">The force in newtons.</param>
public readonly record struct Force(double Newtons) : IFormattable
{
    /// <summary>A force from pounds (UnitsNet converts).</summary>
    public static Force FromPounds(double pounds) => new(UnitsNet.Force.FromPoundsForce(pounds).Newtons);

    /// <summary>Both forms, to the newton and the half pound below, so that neither asks for more.</summary>
    public Readout Read() => new(
        Math.Round(Newtons, 1),
        "N",
        Decimals.Number(Math.Floor(Newtons + 1e-9), 0) + " N",
        Decimals.Number(Math.Floor((UnitsNet.Force.FromNewtons(Newtons).PoundsForce * 2) + 1e-9) / 2, 1) + " lbf");

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) => Read().ToString(UnitLead.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, UnitLead.Metric);
}
