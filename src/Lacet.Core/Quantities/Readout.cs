namespace Lacet.Core.Quantities;

/// <summary>A quantity as every screen, export and paper shows it.</summary>
/// <param name="Value">The number in <paramref name="Unit"/>, to a thousandth (torques to a millionth).</param>
/// <param name="Unit">The SI unit of the number: mm, mm², N·m.</param>
/// <param name="Metric">The metric sentence form, such as "9.5 mm".</param>
/// <param name="Imperial">The North American sentence form, such as "3/8 in" or "14 lbf·in"; the metric one where
/// inches say nothing.</param>
public sealed record Readout(double Value, string Unit, string Metric, string Imperial)
{
    /// <summary>
    /// The system that leads whatever the reader chose: the unit of a marking, or millimetres where a window is too
    /// narrow for fractions. Null leaves it to the reader.
    /// </summary>
    public UnitSystem? Leads { get; init; }

    /// <summary>Both forms, the leading one first: "9.5 mm (3/8 in)"; one where both are the same.</summary>
    public string ToString(ReaderFormat reader) =>
        string.Equals(Metric, Imperial, StringComparison.Ordinal) ? Metric
        : (Leads ?? reader.System) == UnitSystem.Imperial ? $"{Imperial} ({Metric})"
        : $"{Metric} ({Imperial})";
}
