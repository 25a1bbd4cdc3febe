using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "cord-connectors".</summary>
/// <param name="Region">Whose rating it is.</param>
/// <param name="Most">The largest load, A.</param>
/// <param name="Name">Its name (IEC 60320-1).</param>
public sealed record CordConnectorRow(Region Region, double Most, string Name);
