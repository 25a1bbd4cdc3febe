namespace Lacet.Core.Lugs;

/// <summary>A row of the table "rings".</summary>
/// <param name="Colour">Colour of the sleeve.</param>
/// <param name="Printed">The range as it is printed.</param>
/// <param name="LeastMm2">Smallest conductor, mm².</param>
/// <param name="MostMm2">Largest conductor, mm².</param>
/// <param name="Barrel">Depth of the barrel, mm.</param>
/// <param name="SleeveOd">Outside diameter of the sleeve, mm.</param>
public sealed record RingRow(
    string Colour,
    string Printed,
    double LeastMm2,
    double MostMm2,
    double Barrel,
    double SleeveOd
);
