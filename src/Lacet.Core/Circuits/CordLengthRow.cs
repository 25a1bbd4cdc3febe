using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "cord-lengths".</summary>
/// <param name="Region">Where it is sold.</param>
/// <param name="Length">How long, in feet in North America and in metres elsewhere.</param>
public sealed record CordLengthRow(Region Region, double Length);
