using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <content>What each thing that is seen speaks for.</content>
public sealed partial record CordIdentity
{
    private const string America = "NEC 200.6, 400.23 (from memory)";
    private const string AmericanEarth = "NEC 250.119, 400.23 (from memory)";
    private const string Iec = "IEC 60445 (from memory)";
    private const string OldBritish = "Black was the neutral in older British work.";

    private static IdentityReason? ByColour(InsulationColour colour, Region region, List<Term> misleads, bool foreign)
    {
        if (colour.MarksEarth)
        {
            return new(
                CordRole.Earth,
                IsStrong: true,
                $"{Name(colour)} marks the earth.",
                region == Region.Iec ? Iec : AmericanEarth
            );
        }

        var (meant, misleading) = region == Region.Iec ? ByIecColour(colour, foreign) : ByUsColour(colour, foreign);
        if (misleading is not null)
        {
            misleads.Add(misleading);
        }

        return meant;
    }

    private static (IdentityReason? Meant, string? Misleads) ByUsColour(InsulationColour colour, bool foreign) =>
        colour.Base switch
        {
            Hue.White or Hue.Grey => (
                new(CordRole.Neutral, IsStrong: true, $"{Name(colour)} is the neutral.", America),
                null
            ),
            Hue.Black or Hue.Red => (
                new(CordRole.Line, IsStrong: true, $"{Name(colour)} is a line.", America),
                foreign && colour.Base == Hue.Black ? OldBritish : null
            ),
            // On a cord it is as often a neutral from elsewhere as a line from here.
            Hue.Blue => (
                new(
                    CordRole.Line,
                    IsStrong: false,
                    "Blue is a line in North America, if the cord is from here.",
                    Practice
                ),
                "Blue is the neutral of cords made to IEC colours, and many are."
            ),
            Hue.Brown => (
                new(
                    CordRole.Line,
                    IsStrong: true,
                    "Brown is the line of cords made to IEC colours, and a line here.",
                    Iec
                ),
                null
            ),
            _ => SaysNothing(colour),
        };

    private static (IdentityReason? Meant, string? Misleads) ByIecColour(InsulationColour colour, bool foreign) =>
        colour.Base switch
        {
            Hue.Brown or Hue.Black or Hue.Grey => (
                new(CordRole.Line, IsStrong: true, $"{Name(colour)} is a line.", Iec),
                colour.Base == Hue.Black ? OldBritish : null
            ),
            Hue.Blue => (
                new(CordRole.Neutral, IsStrong: true, "Blue is the neutral.", Iec),
                foreign ? "Blue is a line in North America." : null
            ),
            _ => SaysNothing(colour),
        };

    private static (IdentityReason? Meant, string? Misleads) SaysNothing(InsulationColour colour) =>
        (null, $"{Name(colour)} says nothing by itself.");

    private static string Name(InsulationColour colour)
    {
        var name = colour.ToString();
        return char.ToUpperInvariant(name[0]) + name[1..];
    }

    private static IdentityReason? By(IdentityCue cue, IReadOnlyList<SeenConductor> all) =>
        BySideOfCord(cue, all) ?? ByWhereItEnds(cue);

    private static IdentityReason? BySideOfCord(IdentityCue cue, IReadOnlyList<SeenConductor> all) =>
        cue switch
        {
            IdentityCue.Ribbed => new(
                CordRole.Neutral,
                IsStrong: true,
                "The ribbed, grooved or traced side of flat cord is the neutral.",
                Flat
            ),
            // Smooth says something only beside one that is not.
            IdentityCue.Smooth when all.Any(o => o.Cues.Contains(IdentityCue.Ribbed)) => new(
                CordRole.Line,
                IsStrong: true,
                "The smooth side is the line, since the other is ribbed.",
                Flat
            ),
            IdentityCue.Smooth => new(
                CordRole.Line,
                IsStrong: false,
                "A smooth side would be the line; nothing tells the other apart.",
                Flat
            ),
            IdentityCue.Printed => new(
                CordRole.Line,
                IsStrong: false,
                "Print on one side alone is used by some as the line.",
                Practice
            ),
            _ => null,
        };

    private static IdentityReason? ByWhereItEnds(IdentityCue cue) =>
        cue switch
        {
            IdentityCue.WideBlade => new(
                CordRole.Neutral,
                IsStrong: true,
                "The wide blade of a two-blade plug is the neutral.",
                Blades
            ),
            IdentityCue.NarrowBlade => new(
                CordRole.Line,
                IsStrong: true,
                "The narrow blade of a two-blade plug is the line.",
                Blades
            ),
            IdentityCue.EarthPin => new(CordRole.Earth, IsStrong: true, "It ends at the earth pin.", Blades),
            IdentityCue.BrassScrew => new(CordRole.Line, IsStrong: true, "A brass screw takes the line.", Screws),
            IdentityCue.SilverScrew => new(
                CordRole.Neutral,
                IsStrong: true,
                "A silver screw takes the neutral.",
                Screws
            ),
            IdentityCue.GreenScrew => new(CordRole.Earth, IsStrong: true, "A green screw takes the earth.", Screws),
            IdentityCue.ConnectorLine => new(
                CordRole.Line,
                IsStrong: true,
                "The connector’s pin that is marked L is the line.",
                Connectors
            ),
            IdentityCue.ConnectorNeutral => new(
                CordRole.Neutral,
                IsStrong: true,
                "The connector’s pin that is marked N is the neutral.",
                Connectors
            ),
            IdentityCue.ConnectorEarth => new(
                CordRole.Earth,
                IsStrong: true,
                "The connector’s middle pin, marked as earth, is the earth.",
                Connectors
            ),
            _ => null,
        };
}
