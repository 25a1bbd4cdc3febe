using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Circuits;

/// <summary>What comes out of a household receptacle of a region (IEC 60038, from memory).</summary>
/// <param name="Region">Where.</param>
/// <param name="Volts">V between line and neutral.</param>
/// <param name="Hertz">Hz.</param>
public sealed record HouseholdSupply(Region Region, double Volts, double Hertz)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<HouseholdSupply> All { get; } =
    [new(Region.NorthAmerica, 120, 60), new(Region.Iec, 230, 50)];
}
