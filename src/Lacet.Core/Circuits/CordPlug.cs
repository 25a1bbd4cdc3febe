using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>The plug, and the connector at the other end, that go on a cord.</summary>
/// <param name="Name">Its name with an earth.</param>
/// <param name="Volts">What it is rated for, V.</param>
/// <param name="Amps">What it is rated for, A.</param>
/// <param name="Most">The largest load plugged in, A.</param>
/// <param name="TwoWire">Its name on a two-wire cord; null where that must not be.</param>
/// <param name="Source">Where its name and rating are from.</param>
/// <param name="SoldWith">What such loads are sold with all the same; null where that is no other.</param>
public sealed record CordPlug(
    string Name,
    double Volts,
    double Amps,
    double Most,
    string? TwoWire,
    string Source,
    string? SoldWith
)
{
    private static readonly IReadOnlyList<CordPlugRow> Rows = ReferenceTable.Rows<CordPlugRow>("cord-plugs");

    /// <summary>
    /// The smallest usual plug of a region for a load; null where none is. Two-wire cords are for light loads only.
    /// </summary>
    public static CordPlug? For(double amps, double volts, CordUse use, Region region)
    {
        var rows = Rows.Where(r => r.Region == region && volts <= r.Volts).ToList();
        if (rows.Find(r => amps <= r.Most) is not { } row)
        {
            return null;
        }

        // A load over four fifths of a smaller plug's rating is within the rating itself, and is sold with that plug.
        var sold = rows.Find(r => r.Volts.Equals(row.Volts) && amps <= r.Rating);
        return new(
            row.Earthed,
            row.Volts,
            row.Rating,
            row.Most,
            use == CordUse.Light && row.TwoWire.Length > 0 ? row.TwoWire : null,
            region == Region.NorthAmerica
                ? "NEMA WD 6, NEC 210.21(B)(2) (from memory)"
                : "CEE 7, IEC 60309 (from memory)",
            sold == row ? null : sold?.Earthed
        );
    }
}
