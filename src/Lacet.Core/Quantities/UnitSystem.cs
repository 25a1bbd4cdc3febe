namespace Lacet.Core.Quantities;

/// <summary>The two systems that a quantity is said in.</summary>
public enum UnitSystem
{
    /// <summary>Millimetres, newton metres, newtons.</summary>
    Metric,

    /// <summary>Fractions of an inch, pound-force inches and feet, pounds-force.</summary>
    Imperial,
}
