using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>The plug, and the connector at the other end, that go on a cord.</summary>
/// <param name="Name">Its name with an earth blade (NEMA WD 6, from memory).</param>
/// <param name="Volts">What it is rated for, V.</param>
/// <param name="Amps">What it is rated for, A.</param>
/// <param name="Most">The largest load plugged in, A.</param>
/// <param name="TwoBlade">Its name on a two-wire cord; null where that must not be.</param>
public sealed record CordPlug(string Name, double Volts, double Amps, double Most, string? TwoBlade)
{
    private static readonly IReadOnlyList<CordPlugRow> Rows = ReferenceTable.Rows<CordPlugRow>("cord-plugs");

    /// <summary>The smallest usual plug for a load; null where none is. Two-wire cords are for light loads only.</summary>
    public static CordPlug? For(double amps, double volts, CordUse use) =>
        Rows.FirstOrDefault(r => volts <= r.Volts && amps <= r.Most) is { } row
            ? new(row.ThreeBlade, row.Volts, row.Rating, row.Most, use == CordUse.Light && row.TwoBlade.Length > 0 ? row.TwoBlade : null)
            : null;
}
