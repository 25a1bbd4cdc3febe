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
    /// <summary>
    /// Up to so many earths count as one conductor; each one more as a quarter (NEC 314.16(B)(5), 2020 on, from
    /// memory).
    /// </summary>
    public const int EarthsAsOne = 4;

    private static readonly Dictionary<string, double> Rows = ReferenceTable
        .Rows<BoxConductorRow>("nec-314-16-b")
        .ToDictionary(r => r.Size, r => r.CubicInches, StringComparer.Ordinal);

    /// <summary>Whether it fits; null where the box's volume is not known.</summary>
    public bool? Fits => Volume is { } volume ? Needed <= volume + 1e-9 : null;

    /// <summary>The smallest usual box that would hold it; null where none does.</summary>
    public UsualBox? Box => UsualBox.For(Needed);

    /// <summary>The verdict, in a sentence or two.</summary>
    public FormattableString Says =>
        (Fits, Box) switch
        {
            (true, _) => $"It needs {Needed:0.##} in³ and has {Volume:0.##}: it fits.",
            (false, { } box) =>
                $"It needs {Needed:0.##} in³ and has {Volume:0.##}: too full. Take a box such as {box.Name} ({box.CubicInches:0.#} in³), or an extension ring.",
            (false, _) =>
                $"It needs {Needed:0.##} in³ and has {Volume:0.##}: too full, and no usual box holds it. Part it into two boxes.",
            (_, { } box) => $"It needs {Needed:0.##} in³; such as {box.Name} has {box.CubicInches:0.#}.",
            _ => (FormattableString)$"It needs {Needed:0.##} in³, more than any usual box has.",
        };

    /// <summary>
    /// Whether the table covers a size, or a gauge of it that is larger: up to 6 AWG; larger ones are sized by 314.28.
    /// </summary>
    public static bool Covers(ConductorSize size) => RowFor(size) is not null;

    /// <summary>
    /// Adds up a box. Throws <see cref="ImpossibleInputException"/> where the table does not cover a size, or a count
    /// or the volume cannot be.
    /// </summary>
    public static BoxFill Of(BoxContents contents, double? volume)
    {
        if (volume is not (null or (> 0 and <= 2000)))
        {
            throw new ImpossibleInputException("volumeIn3", "A box has more than 0 and at most 2,000 in³.");
        }

        var all = contents.Conductors.Concat(contents.Earths).ToList();
        if (
            all.Exists(c => c.Count is < 0 or > 500)
            || contents.Studs is < 0 or > 10
            || contents.Hickeys is < 0 or > 10
            || contents.Pigtails is < 0 or > 500
        )
        {
            throw new ImpossibleInputException(
                "conductors",
                "Count from 0 to 500 of each size, and from 0 to 10 studs and hickeys."
            );
        }

        var largest = all.Where(c => c.Count > 0).Select(c => c.Size).MaxBy(s => s.Area.SquareMillimetres);
        IReadOnlyList<BoxShare> shares =
        [
            .. contents
                .Conductors.Where(c => c.Count > 0)
                .Select(c => new BoxShare(
                    FormattableString.Invariant($"{c.Count} × {c.Size.Name}{CountedAs(c.Size)}"),
                    c.Count,
                    c.Count * Room(c.Size),
                    "NEC 314.16(B)(1)"
                )),
            .. largest is null ? [] : Fittings(contents, largest),
            .. contents
                .Yokes.GroupBy(y => y)
                .Select(g => new BoxShare(
                    FormattableString.Invariant($"{g.Count()} {(g.Count() == 1 ? "yoke" : "yokes")} with {g.Key.Name}"),
                    2 * g.Count(),
                    2 * g.Count() * Room(g.Key),
                    "NEC 314.16(B)(4)"
                )),
            .. Earths(contents.Earths),
            .. Pigtails(contents.Pigtails),
        ];
        return new(shares, shares.Sum(s => s.CubicInches), volume);
    }

    private static IEnumerable<BoxShare> Fittings(BoxContents contents, ConductorSize largest)
    {
        if (contents.InnerClamps)
        {
            yield return new("clamps inside, all together", 1, Room(largest), "NEC 314.16(B)(2)");
        }

        // One allowance for each kind of fitting, not for each piece.
        foreach (
            var (count, one, many) in new[]
            {
                (contents.Studs, "a stud", "studs"),
                (contents.Hickeys, "a hickey", "hickeys"),
            }
        )
        {
            if (count > 0)
            {
                yield return new(
                    count == 1 ? one : FormattableString.Invariant($"{count} {many}, one kind of fitting"),
                    1,
                    Room(largest),
                    "NEC 314.16(B)(3)"
                );
            }
        }
    }

    private static IEnumerable<BoxShare> Earths(IReadOnlyList<CountedSize> all)
    {
        var earths = all.Sum(e => e.Count);
        if (earths > 0)
        {
            var counted = 1 + (Math.Max(0, earths - EarthsAsOne) * 0.25);
            var room = Room(all.Where(e => e.Count > 0).MaxBy(e => e.Size.Area.SquareMillimetres)!.Size);
            yield return new(
                FormattableString.Invariant($"{earths} {(earths == 1 ? "earth" : "earths, all together")}"),
                counted,
                counted * room,
                "NEC 314.16(B)(5)"
            );
        }
    }

    private static IEnumerable<BoxShare> Pigtails(int pigtails)
    {
        if (pigtails > 0)
        {
            yield return new(
                FormattableString.Invariant(
                    $"{pigtails} {(pigtails == 1 ? "pigtail" : "pigtails")} that stay in the box"
                ),
                0,
                0,
                "NEC 314.16(B)(1)"
            );
        }
    }

    private static double Room(ConductorSize size) =>
        RowFor(size)?.Room
        ?? throw new ImpossibleInputException(
            "conductors",
            $"Table 314.16(B) covers up to 6 AWG, not {size.Name}. Larger conductors are sized by 314.28."
        );

    /// <summary>
    /// A size that the table has not, such as a metric one, counts as the next larger gauge, and that is said.
    /// </summary>
    private static string CountedAs(ConductorSize size) =>
        Rows.ContainsKey(size.Name) || RowFor(size) is not { } row ? "" : $", counted as {row.Gauge}";

    private static (string Gauge, double Room)? RowFor(ConductorSize size) =>
        Rows.TryGetValue(size.Name, out var room)
            ? (size.Name, room)
            : Rows.Select(r => (Gauge: ConductorSize.Parse(r.Key), r.Value))
                .Where(r => r.Gauge.Area.SquareMillimetres >= size.Area.SquareMillimetres)
                .OrderBy(r => r.Gauge.Area.SquareMillimetres)
                .Select(r => ((string, double)?)(r.Gauge.Name, r.Value))
                .FirstOrDefault();
}
