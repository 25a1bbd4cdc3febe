using System.Runtime.InteropServices;

namespace Lacet.Core.Quantities;

/// <summary>
/// A tightening torque. Renders as "1.36 N·m (12 lbf·in)"; in lbf·ft over 250 lbf·in, or where it is marked so.
/// </summary>
/// <param name="NewtonMetres">The torque in newton metres.</param>
[StructLayout(LayoutKind.Auto)]
public readonly record struct Torque(double NewtonMetres) : IQuantity<Torque>, IFormattable
{
    /// <summary>Up to so much a torque is said in lbf·in.</summary>
    private const double MostInchPounds = 250;

    private static readonly double NewtonMetresPerInchPound = UnitsNet.Torque.FromPoundForceInches(1).NewtonMeters;
    private static readonly double NewtonMetresPerFootPound = UnitsNet.Torque.FromPoundForceFeet(1).NewtonMeters;

    /// <inheritdoc/>
    public static string Unit => "N·m";

    /// <inheritdoc/>
    public static double Hair => 0.001;

    /// <summary>
    /// The unit that it is marked in, which leads whatever the reader chose; null where nothing is marked.
    /// </summary>
    public TorqueUnit? MarkedIn { get; init; }

    /// <inheritdoc/>
    public double Value => NewtonMetres;

    /// <summary>The torque in pound-force inches.</summary>
    public double InchPounds => NewtonMetres / NewtonMetresPerInchPound;

    /// <summary>A torque as it was marked: a number in one of the trade's three units.</summary>
    public static Torque From(double value, TorqueUnit unit) =>
        unit switch
        {
            TorqueUnit.NewtonMetre => new(value),
            TorqueUnit.InchPound => new(value * NewtonMetresPerInchPound),
            TorqueUnit.FootPound => new(value * NewtonMetresPerFootPound),
            _ => throw new ArgumentOutOfRangeException(nameof(unit)),
        };

    /// <inheritdoc/>
    public static Readout Read(Window<Torque> window, WindowPart part)
    {
        // A window is said in one unit throughout, so its target decides.
        var (target, perUnit) = (window.Target, window.Target.PerUnit);
        (double, double, double) In(double unit) =>
            (target.NewtonMetres / unit, window.Least.NewtonMetres / unit, window.Most.NewtonMetres / unit);
        return new Readout(
            Math.Round(window[part].NewtonMetres, 6),
            Unit,
            Decimals.Say(In(1), part, target.NewtonMetres < 10 ? 2 : 1) + " N·m",
            Decimals.Say(In(perUnit), part, 1) + (perUnit == NewtonMetresPerFootPound ? " lbf·ft" : " lbf·in")
        )
        {
            Leads = target.Leads,
        };
    }

    /// <summary>
    /// Both forms of this torque alone, such as a reading. It has no window to stay inside, so it is rounded to
    /// the nearest step.
    /// </summary>
    public Readout Read() =>
        new(
            Math.Round(NewtonMetres, 6),
            Unit,
            Decimals.Number(NewtonMetres, NewtonMetres < 10 ? 2 : 1) + " N·m",
            Decimals.Number(NewtonMetres / PerUnit, 1) + (PerUnit == NewtonMetresPerFootPound ? " lbf·ft" : " lbf·in")
        )
        {
            Leads = Leads,
        };

    private double PerUnit =>
        MarkedIn == TorqueUnit.FootPound || (MarkedIn != TorqueUnit.InchPound && InchPounds > MostInchPounds + 1e-6)
            ? NewtonMetresPerFootPound
            : NewtonMetresPerInchPound;

    private UnitSystem? Leads =>
        MarkedIn switch
        {
            null => null,
            TorqueUnit.NewtonMetre => UnitSystem.Metric,
            _ => UnitSystem.Imperial,
        };

    /// <inheritdoc/>
    public int CompareTo(Torque other) => NewtonMetres.CompareTo(other.NewtonMetres);

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) =>
        Read().ToString(ReaderFormat.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, ReaderFormat.Metric);

    /// <summary>Scales a torque.</summary>
    public static Torque operator *(Torque torque, double factor) =>
        torque with
        {
            NewtonMetres = torque.NewtonMetres * factor,
        };

    /// <summary>Whether one torque is smaller.</summary>
    public static bool operator <(Torque a, Torque b) => a.NewtonMetres < b.NewtonMetres;

    /// <summary>Whether one torque is larger.</summary>
    public static bool operator >(Torque a, Torque b) => a.NewtonMetres > b.NewtonMetres;

    /// <summary>Whether one torque is no larger than the other.</summary>
    public static bool operator <=(Torque a, Torque b) => a.NewtonMetres <= b.NewtonMetres;

    /// <summary>Whether one torque is no smaller than the other.</summary>
    public static bool operator >=(Torque a, Torque b) => a.NewtonMetres >= b.NewtonMetres;
}
