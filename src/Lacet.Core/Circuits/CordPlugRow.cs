using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "cord-plugs".</summary>
/// <param name="Region">Whose plug it is.</param>
/// <param name="Volts">What it is rated for, V.</param>
/// <param name="Rating">What it is rated for, A.</param>
/// <param name="Most">The largest load plugged in, A.</param>
/// <param name="Earthed">Its name with an earth.</param>
/// <param name="TwoWire">Its name on a two-wire cord; empty where there is none.</param>
public sealed record CordPlugRow(
    Region Region,
    double Volts,
    double Rating,
    double Most,
    string Earthed,
    string TwoWire
);
