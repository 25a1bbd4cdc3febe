using System.Globalization;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Pull;

/// <summary>Pull tests: of samples, and by hand on site.</summary>
public static class PullTest
{
    /// <summary>A hand tugs with this at most (common practice).</summary>
    private static readonly Force Hand = new(60);

    /// <summary>
    /// A cord is pulled by its jacket with so much to see that its clamp holds (common practice, from memory).
    /// </summary>
    public static Force CordClamp { get; } = new(100);

    private static readonly Dictionary<string, Force> Landed = ReferenceTable
        .Rows<PullOutRow>("pull-out")
        .SelectMany(r =>
            r.Gauges.Split('|', StringSplitOptions.RemoveEmptyEntries)
                .Concat(r.Mm2 is { } mm2 ? [mm2.ToString(CultureInfo.InvariantCulture) + " mm²"] : [])
                .Select(size => (size, new Force(r.Newtons)))
        )
        .ToDictionary(r => r.size, r => r.Item2, StringComparer.Ordinal);

    private static readonly Dictionary<string, Force> Crimps = ReferenceTable
        .Rows<CrimpPullRow>("crimp-pull-out")
        .ToDictionary(r => r.Size, r => Force.FromPounds(r.Pounds), StringComparer.Ordinal);

    /// <summary>
    /// What a landed sample of a conductor must hold (IEC 60947-1, from memory); null where the table has none.
    /// </summary>
    public static Force? OfLanded(ConductorSize size) => Landed.TryGetValue(size.Name, out var force) ? force : null;

    /// <summary>
    /// What a crimped sample must hold (UL 486A-486B, from memory); never asked of an installed conductor. Null where
    /// the table has none.
    /// </summary>
    public static Force? OfCrimp(ConductorSize size) => Crimps.TryGetValue(size.Name, out var force) ? force : null;

    /// <summary>
    /// A tug by hand on site, which only checks seating: at most the landed sample's figure, and at most 60 N.
    /// </summary>
    public static Force? Tug(ConductorSize size) =>
        OfLanded(size) is { } force ? new Force(Math.Min(force.Newtons, Hand.Newtons)) : null;
}
