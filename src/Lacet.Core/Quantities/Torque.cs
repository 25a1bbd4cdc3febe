namespace Lacet.Core.Quantities;

/// <summary>A tightening torque. Renders as "1.36 N·m (12 lbf·in)"; in lbf·ft from 100 lbf·in up.</summary>
/// <param name="NewtonMetres">The torque in newton metres.</param>
public readonly record struct Torque(double NewtonMetres) : IQuantity<Torque>, IFormattable
{
    private static readonly double NewtonMetresPerInchPound = UnitsNet.Torque.FromPoundForceInches(1).NewtonMeters;
    private static readonly double NewtonMetresPerFootPound = UnitsNet.Torque.FromPoundForceFeet(1).NewtonMeters;

    /// <inheritdoc/>
    public static string Unit => "N·m";

    /// <inheritdoc/>
    public double Value => NewtonMetres;

    /// <summary>The torque in pound-force inches.</summary>
    public double InchPounds => NewtonMetres / NewtonMetresPerInchPound;

    /// <summary>A torque as it was marked: a number in one of the trade's three units.</summary>
    public static Torque From(double value, TorqueUnit unit) => unit switch
    {
        TorqueUnit.NewtonMetre => new(value),
        TorqueUnit.InchPound => new(value * NewtonMetresPerInchPound),
        TorqueUnit.FootPound => new(value * NewtonMetresPerFootPound),
        _ => throw new ArgumentOutOfRangeException(nameof(unit)),
    };

    /// <inheritdoc/>
    public static Readout Read(Window<Torque> window, WindowPart part)
    {
        var value = window[part].NewtonMetres;
        var (least, most) = (window.Least, window.Most);
        // A window is said in one unit throughout, so its target decides.
        var inFeet = window.Target.InchPounds >= 100 - 1e-9;
        var perUnit = inFeet ? NewtonMetresPerFootPound : NewtonMetresPerInchPound;
        return new Readout(
            Math.Round(value, 4),
            Unit,
            Decimals.Say(value, least.NewtonMetres, most.NewtonMetres, part, window.Target.NewtonMetres < 10 ? 2 : 1) + " N·m",
            Decimals.Say(value / perUnit, least.NewtonMetres / perUnit, most.NewtonMetres / perUnit, part, 1)
                + (inFeet ? " lbf·ft" : " lbf·in"));
    }

    /// <summary>
    /// Both forms of this torque alone, such as a reading. It has no window to stay inside, so it is rounded to
    /// the nearest step.
    /// </summary>
    public Readout Read() => new(
        Math.Round(NewtonMetres, 4),
        Unit,
        Decimals.Number(NewtonMetres, NewtonMetres < 10 ? 2 : 1) + " N·m",
        InchPounds >= 100 - 1e-9
            ? Decimals.Number(NewtonMetres / NewtonMetresPerFootPound, 1) + " lbf·ft"
            : Decimals.Number(InchPounds, 1) + " lbf·in");

    /// <inheritdoc/>
    public int CompareTo(Torque other) => NewtonMetres.CompareTo(other.NewtonMetres);

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) => Read().ToString(UnitLead.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, UnitLead.Metric);

    /// <summary>Scales a torque.</summary>
    public static Torque operator *(Torque torque, double factor) => new(torque.NewtonMetres * factor);

    /// <summary>Whether one torque is smaller.</summary>
    public static bool operator <(Torque a, Torque b) => a.NewtonMetres < b.NewtonMetres;

    /// <summary>Whether one torque is larger.</summary>
    public static bool operator >(Torque a, Torque b) => a.NewtonMetres > b.NewtonMetres;

    /// <summary>Whether one torque is no larger than the other.</summary>
    public static bool operator <=(Torque a, Torque b) => a.NewtonMetres <= b.NewtonMetres;

    /// <summary>Whether one torque is no smaller than the other.</summary>
    public static bool operator >=(Torque a, Torque b) => a.NewtonMetres >= b.NewtonMetres;
}
