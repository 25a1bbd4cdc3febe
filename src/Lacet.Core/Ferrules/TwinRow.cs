namespace Lacet.Core.Ferrules;

/// <summary>A row of the table "twin-ferrules": two conductors of one size in one collar.</summary>
/// <param name="Size">Nominal size of each, mm².</param>
/// <param name="Pins">Pin lengths, mm, parted by spaces.</param>
/// <param name="Entry">How far the bare metal runs through the collar before the pin, mm.</param>
public sealed record TwinRow(double Size, string Pins, double Entry)
{
    /// <summary>Pin lengths, mm, ascending.</summary>
    public IReadOnlyList<double> PinLengths { get; } =
    [.. Pins.Split(' ').Select(p => double.Parse(p, System.Globalization.CultureInfo.InvariantCulture))];
}
