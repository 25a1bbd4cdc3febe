using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>The jacket that a cord gets.</summary>
/// <param name="Name">Its letters, such as "SJTW or SJOOW".</param>
/// <param name="Duty">What it is made for.</param>
/// <param name="Outdoors">Whether it may lie in the wet and in the sun.</param>
/// <param name="Source">Where the letters are from.</param>
public sealed record CordJacket(string Name, CordDuty Duty, bool Outdoors, string Source)
{
    private static readonly IReadOnlyList<CordJacketRow> Rows = ReferenceTable.Rows<CordJacketRow>("cord-jackets");

    /// <summary>The lightest jacket that is made for a duty and place, and in a size; null where none is.</summary>
    public static CordJacket? For(Region region, CordDuty duty, bool outdoors, ConductorSize size) =>
        Rows.FirstOrDefault(r =>
            r.Region == region
            && r.Duty >= duty
            && (r.Outdoors || !outdoors)
            && size.Area.SquareMillimetres <= ConductorSize.Parse(r.Most).Area.SquareMillimetres + 1e-9
        )
            is { } row
            ? new(
                row.Name,
                row.Duty,
                row.Outdoors,
                region == Region.NorthAmerica ? "NEC table 400.4 (from memory)" : "EN 50525 (from memory)"
            )
            : null;
}
