using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Ferrules;

/// <summary>The ferrule for a conductor in a landing of a given depth.</summary>
/// <param name="Size">Nominal size.</param>
/// <param name="Pin">Length of the metal tube.</param>
/// <param name="Entry">Bare metal inside the collar, before the pin.</param>
/// <param name="Collar">Which collar.</param>
/// <param name="CollarBore">Bore of the standard collar; null without one.</param>
/// <param name="Colour">The collar's colour in the series; null without one.</param>
/// <param name="Series">The colour series.</param>
/// <param name="PinFits">Whether the pin goes in whole: its metal must not show outside the landing.</param>
/// <param name="Twin">Whether it takes two conductors in one collar.</param>
/// <param name="ByLabel">Whether the kit's own label chose the size, and not the area.</param>
public sealed record FerruleChoice(
    Area Size,
    Length Pin,
    Length Entry,
    Collar Collar,
    Length? CollarBore,
    string? Colour,
    FerruleColours Series,
    bool PinFits,
    bool Twin = false,
    bool ByLabel = false
)
{
    /// <summary>Where sizes, pins and bores are from.</summary>
    public const string Source = "DIN 46228-4; usual pairings, common practice (from memory)";

    /// <summary>
    /// The usual pairings fill at least 0.82 of their nominal size; emptier than this, the strands are loose in the
    /// pin.
    /// </summary>
    private const double LeastFill = 0.75;

    /// <summary>Strands may show this far past the pin before crimping (common practice).</summary>
    private const double MostShowing = 1;

    /// <summary>
    /// Where somebody strips long and trims, this much more is bare before the crimp: at least, to aim at, at most.
    /// </summary>
    private static readonly (double Least, double Target, double Most) ToTrim = (2, 4, 8);

    private static readonly IReadOnlyList<FerruleRow> Rows = ReferenceTable.Rows<FerruleRow>("ferrules");
    private static readonly IReadOnlyList<TwinRow> Twins = ReferenceTable.Rows<TwinRow>("twin-ferrules");

    /// <summary>Sizes that are sold, mm².</summary>
    public static IReadOnlyList<double> Sizes { get; } = [.. Rows.Select(r => r.Size)];

    /// <summary>The strip length: through the collar to the pin's end, and up to 1 mm past it.</summary>
    public Window<Length> Strip => new(Pin + Entry, Pin + Entry, Pin + Entry + new Length(MostShowing));

    /// <summary>The strip length of those who strip long, crimp, and trim the strands flush with the pin.</summary>
    public Window<Length> StripToTrim =>
        new(
            Pin + Entry + new Length(ToTrim.Target),
            Pin + Entry + new Length(ToTrim.Least),
            Pin + Entry + new Length(ToTrim.Most)
        );

    /// <summary>The strip length that a house works to.</summary>
    public Window<Length> StripBy(HouseRules rules) =>
        rules.StripForFerrules == StripForFerrules.Exact ? Strip : StripToTrim;

    /// <summary>
    /// Chooses by area: the smallest nominal size of at least 0.9 × the conductor's area whose pin the strands enter,
    /// with the longest pin that the depth swallows; or the size that the kit's own label gives. Null for solid
    /// conductors, and where no size fits.
    /// </summary>
    public static FerruleChoice? For(Conductor conductor, Length depth, HouseRules rules, double? labelMm2 = null)
    {
        if (conductor.Build == Build.Solid)
        {
            return null;
        }

        var row = labelMm2 is { } label ? Labelled(label, conductor) : ByArea(conductor);
        if (row is null)
        {
            return null;
        }

        // A sleeve without a collar is as long as the clamp is deep: a shorter one would let insulation into the cage.
        var (pin, fits) = row.CollarBore is null ? (depth, true) : PinFor(row.PinLengths, depth);
        return new FerruleChoice(
            new(row.Size),
            pin,
            new(row.Entry),
            CollarFor(conductor, row),
            row.CollarBore is { } bore ? new Length(bore) : null,
            row.CollarBore is null ? null : ColourIn(rules.FerruleColours, row),
            rules.FerruleColours,
            fits,
            ByLabel: labelMm2 is not null
        );
    }

    /// <summary>
    /// The twin for two conductors of one size. Null for solid conductors, for two sizes, and where no twin is made.
    /// </summary>
    public static FerruleChoice? ForTwo(Conductor first, Conductor second, Length depth, HouseRules rules)
    {
        if (
            first.Build == Build.Solid
            || second.Build == Build.Solid
            || !first.Size.Equals(second.Size)
            || ByArea(first) is not { } row
            || Twins.FirstOrDefault(t => t.Size.Equals(row.Size)) is not { } twin
        )
        {
            return null;
        }

        var (pin, fits) = PinFor(twin.PinLengths, depth);
        return new FerruleChoice(
            new(row.Size),
            pin,
            new(twin.Entry),
            CollarFor(first, row),
            row.CollarBore is { } bore ? new Length(bore) : null,
            ColourIn(rules.FerruleColours, row),
            rules.FerruleColours,
            fits,
            Twin: true
        );
    }

    /// <summary>
    /// Whether a size holds a conductor: the strands go in, and fill it (at least 0.9 × and at most 1/0.75 × the area;
    /// common practice).
    /// </summary>
    public static bool Holds(double sizeMm2, Conductor conductor)
    {
        var area = conductor.Size.Area.SquareMillimetres;
        return sizeMm2 >= 0.9 * area && area >= LeastFill * sizeMm2;
    }

    /// <summary>
    /// "2.5 mm² (14 AWG)" whichever unit leads, as ferrules and nests are printed; "2 × 2.5 mm²" for a twin.
    /// </summary>
    public string SaySize() =>
        Size.Read() is var size && Twin ? $"2 × {size.Metric}" : $"{size.Metric} ({size.Imperial})";

    /// <summary>The series' name as it is printed.</summary>
    public static string Say(FerruleColours series) =>
        series switch
        {
            FerruleColours.Din46228 => "DIN 46228-4",
            FerruleColours.French => "French practice",
            _ => "other common series",
        };

    private static FerruleRow? ByArea(Conductor conductor)
    {
        var area = conductor.Size.Area.SquareMillimetres;
        var row = Rows.FirstOrDefault(r => r.Size >= 0.9 * area && !(r.PinBore < conductor.Diameter.Millimetres));
        return row is null || area < LeastFill * row.Size ? null : row;
    }

    private static FerruleRow Labelled(double mm2, Conductor conductor)
    {
        const string Field = "kit.ferruleMm2";
        var row = Rows.FirstOrDefault(r => r.Size.Equals(mm2))
            ?? throw new ImpossibleInputException(
                Field,
                FormattableString.Invariant($"There is no ferrule of {mm2} mm². Sizes are {string.Join(", ", Sizes)}.")
            );
        return row.PinBore < conductor.Size.SolidDiameter.Millimetres
            ? throw new ImpossibleInputException(
                Field,
                FormattableString.Invariant(
                    $"{conductor.Size.Name} does not enter a {mm2} mm² pin: its metal alone is {conductor.Size.SolidDiameter.Millimetres:0.0#} mm, the bore {row.PinBore} mm."
                )
            )
            : row;
    }

    private static (Length Pin, bool Fits) PinFor(IReadOnlyList<double> pins, Length depth)
    {
        var fitting = pins.Where(p => p <= depth.Millimetres).DefaultIfEmpty(0).Max();
        return (new(fitting > 0 ? fitting : pins[0]), fitting > 0);
    }

    private static Collar CollarFor(Conductor conductor, FerruleRow row) =>
        row.CollarBore is not { } bore ? Collar.None
        : conductor.InsulationOuterDiameter.Millimetres <= bore ? Collar.Standard
        : Collar.Large;

    private static string ColourIn(FerruleColours series, FerruleRow row) =>
        series switch
        {
            FerruleColours.Din46228 => row.Din,
            FerruleColours.French => row.French,
            _ => row.Other,
        };
}
