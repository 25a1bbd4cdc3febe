using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Splices;

/// <summary>How full a box is (NEC 314.16, from memory).</summary>
/// <param name="Shares">What takes room, in the order of the code.</param>
/// <param name="Needed">in³ in all.</param>
/// <param name="Volume">in³ marked in the box; null where nobody said.</param>
public sealed record BoxFill(IReadOnlyList<BoxShare> Shares, double Needed, double? Volume)
{
    /// <summary>Up to so many earths count as one conductor; each one more as a quarter (NEC 314.16(B)(5), 2020 on, from memory).</summary>
    public const int EarthsAsOne = 4;

    private static readonly Dictionary<string, double> Rows =
        ReferenceTable.Rows<BoxConductorRow>("nec-314-16-b").ToDictionary(r => r.Size, r => r.CubicInches, StringComparer.Ordinal);

    /// <summary>Whether it fits; null where the box's volume is not known.</summary>
    public bool? Fits => Volume is { } volume ? Needed <= volume + 1e-9 : null;

    /// <summary>Whether the table covers a size: 18 to 6 AWG; larger ones are sized by 314.28.</summary>
    public static bool Covers(ConductorSize size) => Rows.ContainsKey(size.Name);

    /// <summary>
    /// Adds up a box. Throws <see cref="ImpossibleInputException"/> where the table does not cover a size, or a count or
    /// the volume cannot be.
    /// </summary>
    public static BoxFill Of(BoxContents contents, double? volume)
    {
        if (volume is not (null or (> 0 and <= 2000)))
        {
            throw new ImpossibleInputException("volumeIn3", "A box has more than 0 and at most 2,000 in³.");
        }

        var all = contents.Conductors.Concat(contents.Earths).ToList();
        if (all.Exists(c => c.Count is < 0 or > 500) || contents.Studs is < 0 or > 10 || contents.Pigtails is < 0 or > 500)
        {
            throw new ImpossibleInputException("conductors", "Count from 0 to 500 of each size, and from 0 to 10 studs.");
        }

        var shares = new List<BoxShare>();
        shares.AddRange(contents.Conductors.Where(c => c.Count > 0).Select(c => new BoxShare(FormattableString.Invariant($"{c.Count} × {c.Size.Name}"), c.Count, c.Count * Room(c.Size), "NEC 314.16(B)(1)")));
        var largest = all.Where(c => c.Count > 0).Select(c => c.Size).MaxBy(s => s.Area.SquareMillimetres);
        if (contents.InnerClamps && largest is not null)
        {
            shares.Add(new("clamps inside, all together", 1, Room(largest), "NEC 314.16(B)(2)"));
        }

        if (contents.Studs > 0 && largest is not null)
        {
            shares.Add(new(contents.Studs == 1 ? "a stud" : FormattableString.Invariant($"{contents.Studs} studs"), contents.Studs, contents.Studs * Room(largest), "NEC 314.16(B)(3)"));
        }

        shares.AddRange(contents.Yokes.GroupBy(y => y).Select(g => new BoxShare(
            FormattableString.Invariant($"{g.Count()} {(g.Count() == 1 ? "yoke" : "yokes")} with {g.Key.Name}"), 2 * g.Count(), 2 * g.Count() * Room(g.Key), "NEC 314.16(B)(4)")));
        var earths = contents.Earths.Sum(e => e.Count);
        if (earths > 0)
        {
            var counted = 1 + (Math.Max(0, earths - EarthsAsOne) * 0.25);
            var room = Room(contents.Earths.Where(e => e.Count > 0).MaxBy(e => e.Size.Area.SquareMillimetres)!.Size);
            shares.Add(new(FormattableString.Invariant($"{earths} {(earths == 1 ? "earth" : "earths, all together")}"), counted, counted * room, "NEC 314.16(B)(5)"));
        }

        if (contents.Pigtails > 0)
        {
            shares.Add(new(FormattableString.Invariant($"{contents.Pigtails} {(contents.Pigtails == 1 ? "pigtail" : "pigtails")} that stay in the box"), 0, 0, "NEC 314.16(B)(1)"));
        }

        return new(shares, shares.Sum(s => s.CubicInches), volume);
    }

    private static double Room(ConductorSize size) => Rows.TryGetValue(size.Name, out var room) ? room
        : throw new ImpossibleInputException("conductors", $"Table 314.16(B) covers 18 to 6 AWG in even gauges, not {size.Name}. Larger conductors are sized by 314.28; of a metric size take the gauge above it.");
}
