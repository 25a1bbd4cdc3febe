using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Conductors;

/// <summary>What is in a cable or cord as it is bought: "14/2 NM-B" is black, white and a bare earth.</summary>
public static class CableCores
{
    private static readonly Dictionary<(Region, DesignationKind, int), CableCore[]> Rows = ReferenceTable
        .Rows<CableCoresRow>("cable-cores")
        .ToDictionary(
            r => (r.Region, r.Kind, r.Insulated),
            r => r.Colours.Split(' ').Select(c => new CableCore(Read(c), false)).ToArray()
        );

    // The sheath of these holds a bare earth; all others have it insulated (NEC 334.108, 340.108, from memory).
    private static readonly string[] BareEarth = ["NM", "NM-B", "NMC-B", "UF", "UF-B"];

    /// <summary>
    /// Whether a cable has an earth: as its text says, or as such are made. Sheathed and metal-clad cables of North
    /// America are sold with one beside those that are counted, cords of three and more have one among them, as has
    /// whatever ends in -J or -JZ (common practice).
    /// </summary>
    public static EarthInCable EarthOf(WireReading cable) =>
        cable.Earth != EarthInCable.NotSaid ? cable.Earth
        : cable.Designation is not { IsJacketed: true } letters || cable.Count is not { } count ? EarthInCable.NotSaid
        : letters.Code.EndsWith("-J", StringComparison.Ordinal)
        || letters.Code.EndsWith("-JZ", StringComparison.Ordinal)
            ? EarthInCable.Among
        : letters.Region != Region.NorthAmerica ? EarthInCable.NotSaid
        : letters.Kind == DesignationKind.Cord ? (count > 2 ? EarthInCable.Among : EarthInCable.None)
        : BareEarth.Contains(letters.Code, StringComparer.Ordinal) || letters.Code is "MC" ? EarthInCable.Beside
        : EarthInCable.NotSaid;

    /// <summary>
    /// The conductors of a cable, the earth last; none where the text does not count them. Without letters the size says
    /// whose colours they have.
    /// </summary>
    public static IReadOnlyList<CableCore> Of(WireReading cable)
    {
        if (cable.Count is not { } count)
        {
            return [];
        }

        var earth = EarthOf(cable);
        var region = cable.Designation?.Region
            ?? (cable.Size is { System: SizeSystem.Metric } ? Region.Iec : Region.NorthAmerica);
        var kind = cable.Designation is { Kind: DesignationKind.Cord } ? DesignationKind.Cord : DesignationKind.Cable;
        var insulated = count - (earth == EarthInCable.Among ? 1 : 0);
        var cores =
            !IsNumbered(cable) && Rows.TryGetValue((region, kind, insulated), out var known)
                ? known
                : Enumerable.Repeat(new CableCore(null, false), insulated);
        return earth is EarthInCable.Among or EarthInCable.Beside ? [.. cores, EarthIn(cable, region)] : [.. cores];
    }

    /// <summary>Control cables have numbers on black instead of colours, or colours of their maker.</summary>
    private static bool IsNumbered(WireReading cable) =>
        cable.Shielded
        || cable.Designation?.Code is "YSLY-JZ" or "YSLY-OZ" or "LiYY" or "LiYCY" or "H05VV5-F"
        || cable.Designation is { Volts: < 500, Kind: DesignationKind.Cable };

    private static CableCore EarthIn(WireReading cable, Region region) =>
        new(
            Read(
                region == Region.Iec ? "green/yellow"
                : BareEarth.Contains(cable.Designation?.Code, StringComparer.Ordinal) ? "bare"
                : "green"
            ),
            true
        );

    private static InsulationColour Read(string word) =>
        InsulationColour.TryParse(word, out var colour)
            ? colour
            : throw new InvalidOperationException($"The table cable-cores has no such colour: {word}.");
}
