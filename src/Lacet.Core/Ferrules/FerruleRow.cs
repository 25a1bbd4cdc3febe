namespace Lacet.Core.Ferrules;

/// <summary>A row of the table "ferrules": see its head for sources.</summary>
/// <param name="Size">Nominal size, mm².</param>
/// <param name="Pins">Pin lengths, mm, parted by spaces.</param>
/// <param name="PinBore">Bore of the pin, mm; null where only the maker knows.</param>
/// <param name="CollarBore">Bore of the collar, mm; null where there is none.</param>
/// <param name="PinWall">How thick the pin’s metal is, mm; null where only the maker knows.</param>
/// <param name="CollarWall">How thick the collar is, mm; null where there is none.</param>
/// <param name="Entry">How far the bare metal runs through the collar before the pin, mm.</param>
/// <param name="Din">Colour by DIN 46228-4.</param>
/// <param name="French">Colour by French practice.</param>
/// <param name="Other">Colour in the other common series.</param>
public sealed record FerruleRow(
    double Size,
    string Pins,
    double? PinBore,
    double? CollarBore,
    double? PinWall,
    double? CollarWall,
    double Entry,
    string Din,
    string French,
    string Other
)
{
    /// <summary>Pin lengths, mm, ascending.</summary>
    public IReadOnlyList<double> PinLengths { get; } =
    [.. Pins.Split(' ').Select(p => double.Parse(p, System.Globalization.CultureInfo.InvariantCulture))];
}
