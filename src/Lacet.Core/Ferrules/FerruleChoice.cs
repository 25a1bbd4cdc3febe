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
public sealed record FerruleChoice(
    Area Size, Length Pin, Length Entry, Collar Collar, Length? CollarBore, string? Colour, FerruleColours Series, bool PinFits)
{
    /// <summary>Where sizes, pins and bores are from.</summary>
    public const string Source = "DIN 46228-4; usual pairings, common practice (from memory)";

    /// <summary>
    /// The usual pairings fill at least 0.82 of their nominal size; emptier than this, the strands are loose in the pin.
    /// </summary>
    private const double LeastFill = 0.75;

    /// <summary>Strands may show this far past the pin before crimping (common practice).</summary>
    private const double MostShowing = 1;

    private static readonly IReadOnlyList<FerruleRow> Rows = ReferenceTable.Rows<FerruleRow>("ferrules");

    /// <summary>The strip length: through the collar to the pin's end, and up to 1 mm past it.</summary>
    public Window<Length> Strip => new(
        Pin + Entry, Pin + Entry, Pin + Entry + new Length(MostShowing));

    /// <summary>
    /// Chooses by area: the smallest nominal size of at least 0.9 × the conductor's area whose pin the strands enter,
    /// with the longest pin that the depth swallows. Null for solid conductors, and where no size fits.
    /// </summary>
    public static FerruleChoice? For(Conductor conductor, Length depth, HouseRules rules)
    {
        if (conductor.Build == Build.Solid)
        {
            return null;
        }

        var area = conductor.Size.Area.SquareMillimetres;
        var row = Rows.FirstOrDefault(r => r.Size >= 0.9 * area && !(r.PinBore < conductor.Diameter.Millimetres));
        if (row is null || area < LeastFill * row.Size)
        {
            return null;
        }

        var fitting = row.PinLengths.Where(p => p <= depth.Millimetres).DefaultIfEmpty(0).Max();
        return new FerruleChoice(
            new(row.Size),
            new(fitting > 0 ? fitting : row.PinLengths[0]),
            new(row.Entry),
            CollarFor(conductor, row),
            row.CollarBore is { } bore ? new Length(bore) : null,
            row.CollarBore is null ? null : ColourIn(rules.FerruleColours, row),
            rules.FerruleColours,
            PinFits: fitting > 0);
    }

    /// <summary>The series' name as it is printed.</summary>
    public static string Say(FerruleColours series) => series switch
    {
        FerruleColours.Din46228 => "DIN 46228-4",
        FerruleColours.French => "French practice",
        _ => "other common series",
    };

    private static Collar CollarFor(Conductor conductor, FerruleRow row) =>
        row.CollarBore is not { } bore ? Collar.None
        : conductor.InsulationOuterDiameter.Millimetres <= bore ? Collar.Standard
        : Collar.Large;

    private static string ColourIn(FerruleColours series, FerruleRow row) => series switch
    {
        FerruleColours.Din46228 => row.Din,
        FerruleColours.French => row.French,
        _ => row.Other,
    };
}
