namespace Lacet.Core.Quantities;

/// <summary>A quantity as every screen, export and paper shows it.</summary>
/// <param name="Value">The number in <paramref name="Unit"/>, to a thousandth (torques to a ten-thousandth).</param>
/// <param name="Unit">The SI unit of the number: mm, mm², N·m.</param>
/// <param name="Metric">The metric sentence form, such as "9.5 mm".</param>
/// <param name="Imperial">The North American sentence form, such as "3/8 in" or "14 lbf·in".</param>
public sealed record Readout(double Value, string Unit, string Metric, string Imperial)
{
    /// <summary>Both forms, the leading one first: "9.5 mm (3/8 in)".</summary>
    public string ToString(UnitLead lead) =>
        lead == UnitLead.Imperial ? $"{Imperial} ({Metric})" : $"{Metric} ({Imperial})";
}
