using System.Globalization;
using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Conductors;

/// <summary>Wires, cables and cords as people write them. What each means is common practice unless said.</summary>
public sealed class WireTextTests
{
    [Theory]
    // Wires of North America.
    [InlineData("#12 WHT THHN", "12 AWG THHN, white")]
    [InlineData("10GA STR RED", "10 AWG stranded, red")]
    [InlineData("4/0 al xhhw", "4/0 AWG aluminium XHHW")]
    [InlineData("#6 thhn", "6 AWG THHN")]
    [InlineData("2/0 al", "2/0 AWG aluminium")]
    [InlineData("14 AWG THHN/THWN-2 stranded black 500 ft", "14 AWG stranded THHN/THWN-2, black, 152.4 m")]
    [InlineData("THWN2 #8 grn", "8 AWG THWN-2, green")]
    [InlineData("18awg mtw blu/wht", "18 AWG MTW, blue, white stripe")]
    [InlineData("22 AWG UL1015 red w/ white stripe", "22 AWG UL 1015, red, white stripe")]
    [InlineData("AWM 1007 24 yellow", "24 AWG UL 1007, yellow")]
    [InlineData("12THHN", "12 AWG THHN")]
    [InlineData("bare #8 copper", "8 AWG copper, bare")]
    [InlineData("250 MCM xhhw-2 al", "250 kcmil aluminium XHHW-2")]
    [InlineData("16 AWG tffn, orange", "16 AWG TFFN, orange")]
    [InlineData("12 gauge solid copper wire", "12 AWG solid copper")]
    [InlineData("12 AWG 19 strand", "12 AWG stranded")]
    [InlineData("No. 10 use-2", "10 AWG USE-2")]
    [InlineData("brn 14 thwn str", "14 AWG stranded THWN, brown")]
    // Cables and cords as bought.
    [InlineData("14/2 nm", "2 × 14 AWG NM")]
    [InlineData("3 × 16 AWG, one of them earth", "3 × 16 AWG, one of them earth")]
    [InlineData("12-2 w/g", "2 × 12 AWG, with earth")]
    [InlineData("12/2 NM-B with ground", "2 × 12 AWG NM-B, with earth")]
    [InlineData("14-3 romx nm", null)]
    [InlineData("16/3 sjoow", "3 × 16 AWG SJOOW")]
    [InlineData("22/4", "4 × 22 AWG")]
    [InlineData("22/4 shielded", "4 × 22 AWG, shielded")]
    [InlineData("18/2 stp", "2 × 18 AWG, shielded")]
    [InlineData("18-5 cl2", "5 × 18 AWG CL2")]
    [InlineData("6/3 MC", "3 × 6 AWG MC")]
    [InlineData("3c 14 tc-er", "3 × 14 AWG TC-ER")]
    [InlineData("18 AWG 3 conductor svt", "3 × 18 AWG SVT")]
    [InlineData("2-2-4 al ser", "3 × 2 AWG aluminium SER")]
    [InlineData("4/0-4/0-2/0-4 al SER", "3 × 4/0 AWG aluminium SER, with earth")]
    [InlineData("20 awg 1 pair shld", "2 × 20 AWG, shielded")]
    // IEC.
    [InlineData("2.5 BU H07V-K", "2.5 mm² H07V-K, blue")]
    [InlineData("H07V-K 1,5 mm² gn/ge", "1.5 mm² H07V-K, green, yellow stripe")]
    [InlineData("h07vu 2.5mm2 brown", "2.5 mm² H07V-U, brown")]
    [InlineData("3x1.5 NYM", "3 × 1.5 mm² NYM")]
    [InlineData("NYM-J 5 x 2,5", "5 × 2.5 mm² NYM-J")]
    [InlineData("3G1.5 H07RN-F", "3 × 1.5 mm² H07RN-F, one of them earth")]
    [InlineData("7G0,75", "7 × 0.75 mm², one of them earth")]
    [InlineData("LiYCY 2x2x0.5", "4 × 0.5 mm² LiYCY")]
    [InlineData("1x16 mm² H07V-R gnye", "1 × 16 mm² H07V-R, green, yellow stripe")]
    [InlineData("4 mm² schwarz feindrähtig", "4 mm² fine-stranded, black")]
    [InlineData("6² souple bleu", "6 mm² fine-stranded, blue")]
    [InlineData("10 qmm 3,2 m", "10 mm², 3.2 m")]
    [InlineData("0.75 sq mm violeta", "0.75 mm², violet")]
    [InlineData("14 black 12' 6\"", "14 AWG, black, 3.81 m")]
    public void A_wire_is_read_in_any_order(string text, string? says)
    {
        var read = WireText.Read(text);
        if (says is null)
        {
            Assert.Equal("romx", Said(text, Assert.Single(read.NotUnderstood)));
            return;
        }

        Assert.Empty(read.NotUnderstood);
        Assert.Equal(says, read.ToString());
    }

    [Theory]
    [InlineData("16 wibble black", "wibble")]
    [InlineData("16 black red/green/blue", "red/green/blue")]
    [InlineData("14 sol 12", "12")]
    [InlineData("14/2 3x1.5", "3x1.5")]
    [InlineData("99/2", "99/2")]
    [InlineData("10-24", "10-24")] // a screw
    public void What_is_not_understood_is_named_and_nothing_else_is_lost(string text, string unknown)
    {
        var read = WireText.Read(text);
        Assert.Equal(unknown, Said(text, read.NotUnderstood.First()));
        Assert.True(read.Parts.Count == 1 || read.Size is not null);
    }

    [Fact]
    public void Each_part_says_where_it_stands()
    {
        var read = WireText.Read("  #12  WHT w/ blue tracer THHN");
        Assert.Equal(
            ["Size 2+3", "Colour 7+18", "Designation 26+4"],
            read.Parts.Select(p => $"{p.Kind} {p.Start}+{p.Length}")
        );
        Assert.StartsWith(
            "THHN: thin PVC under nylon, 90 °C, dry places only",
            read.Parts[2].Says,
            StringComparison.Ordinal
        );
    }

    /// <summary>From 8 AWG up wire is stranded, and from 22 AWG down (common practice); letters know their own.</summary>
    [Theory]
    [InlineData("2/0 al", "2/0 AWG stranded aluminium")]
    [InlineData("#6 thhn", "6 AWG stranded copper THHN")]
    [InlineData("22/4", "22 AWG stranded copper")]
    [InlineData("14/2 nm", "14 AWG solid copper NM")]
    [InlineData("6/3 nm-b", "6 AWG stranded copper NM-B")]
    [InlineData("16/3 sjoow", "16 AWG fine-stranded copper SJOOW")]
    [InlineData("2.5 H07V-K", "2.5 mm² fine-stranded copper H07V-K")]
    [InlineData("10 H07V-R", "10 AWG stranded copper H07V-R")]
    [InlineData("16 mm² NYM", "16 mm² stranded copper NYM")]
    [InlineData("6 solid", "6 AWG solid copper")]
    [InlineData("14", "14 AWG solid copper")]
    public void What_is_left_open_is_what_is_usual(string text, string wire) =>
        Assert.Equal(wire, WireText.ReadConductor(text, null).ToString());

    [Fact]
    public void Letters_alone_change_the_wire_at_hand()
    {
        var current = Conductor.Of(ConductorSize.Parse("2.5 mm²"), Build.Solid, Material.Copper);
        Assert.Equal("2.5 mm² fine-stranded copper H07V-K", WireText.ReadConductor("H07V-K", current).ToString());
        var letters = WireText.ReadConductor("H07V-K", current);
        Assert.Equal("4 mm² fine-stranded copper", WireText.ReadConductor("4mm fine", letters).ToString());
        Assert.Equal(3.75, letters.InsulationOuterDiameter.Millimetres);
    }

    /// <summary>NEC chapter 9 table 5 and EN 50525-2-31, from memory.</summary>
    [Theory]
    [InlineData("12 THHN", 3.30)]
    [InlineData("12 XHHW-2", 3.86)]
    [InlineData("6 TW", 7.72)]
    [InlineData("1/0 RHW", 15.80)]
    [InlineData("18 TFFN", 2.13)]
    [InlineData("1.5 H07V-U", 2.9)]
    [InlineData("1.5 H07V-K", 3.1)]
    [InlineData("35 mm² H07V-R", 9.95)]
    public void Letters_give_the_diameter_over_the_insulation(string text, double mm)
    {
        var conductor = WireText.ReadConductor(text, null);
        Assert.Equal(mm, conductor.InsulationOuterDiameter.Millimetres, 0.005);
        Assert.False(conductor.InsulationIsGiven);
        Assert.Contains(
            conductor.Designation!.Code,
            FormattableString.Invariant(conductor.InsulationReason().Text),
            StringComparison.Ordinal
        );
    }

    /// <summary>The law of the grammar: what Lacet says of a wire, typed in again, is that wire.</summary>
    [Fact]
    public void What_is_said_of_a_wire_is_read_again_as_the_same_wire() =>
        (
            from size in Gen.Int[0, ConductorSize.Stocked.Count - 1].Select(i => ConductorSize.Stocked[i])
            from count in Gen.Int[1, 61].Nullable()
            from build in Gen.Enum<Build>().Nullable()
            from material in Gen.Enum<Material>().Nullable()
            from designation in Gen.Int[-1, Designation.All.Count - 1].Select(i => i < 0 ? null : Designation.All[i])
            from hue in Gen.Enum<Hue>().Nullable()
            from stripe in Gen.Enum<Hue>().Nullable()
            from earth in Gen.Enum<EarthInCable>()
            from shielded in Gen.Bool
            from length in Gen.Int[1, 300_000].Nullable()
            from od in Gen.Int[30, 400].Nullable()
            select new WireReading
            {
                Size = size,
                Count = count,
                Build = build,
                Material = material,
                Designation = designation,
                Colour = hue is not { } most || (most, stripe) is (Hue.Yellow, Hue.Green) ? null : new(most, stripe),
                Earth = earth,
                Shielded = shielded,
                Length = length is { } mm ? new Length(mm) : null,
                InsulationDiameter = od is { } tenths ? new Length(tenths / 10.0) : null,
            }
        ).Sample(said =>
        {
            var read = WireText.Read(said.ToString());
            Assert.Empty(read.NotUnderstood);
            Assert.Equal(said, read);
        });

    [Fact]
    public void What_is_said_of_a_conductor_is_read_again_as_the_same() =>
        (
            from size in Gen.Int[0, ConductorSize.Stocked.Count - 1].Select(i => ConductorSize.Stocked[i])
            from build in Gen.Enum<Build>()
            from material in Gen.Enum<Material>()
            from designation in Gen.Int[-1, Designation.All.Count - 1].Select(i => i < 0 ? null : Designation.All[i])
            select Conductor.Of(size, build, material, null, designation)
        ).Sample(wire => Assert.Equal(wire, WireText.ReadConductor(wire.ToString(), null)));

    [Fact]
    public void Every_part_is_a_part_of_the_text_and_all_of_it_is_told() =>
        Gen.OneOf(Gen.String[0, 40], Gen.String[Gen.Char["14/2 nm#x.,'\"GgH07V-Kmmft²w"], 0, 40])
            .Sample(text =>
            {
                var at = 0;
                foreach (var part in WireText.Read(text).Parts)
                {
                    Assert.True(part.Start >= at && part.Length > 0 && part.Start + part.Length <= text.Length);
                    at = part.Start + part.Length;
                }
            });

    [Fact]
    public void Letters_are_found_however_they_are_written()
    {
        foreach (var designation in Designation.All)
        {
            foreach (
                var written in new[]
                {
                    designation.Code,
                    designation.Code.ToLowerInvariant(),
                    designation.Code.Replace("-", "", StringComparison.Ordinal),
                    designation.Code.Replace('-', ' '),
                }
            )
            {
                Assert.True(Designation.TryFind(written, out var found), written);
                Assert.Equal(designation, found);
            }
        }

        Assert.False(Designation.TryFind("XYZ", out _));
        Assert.False(Designation.TryFind("", out _));
        Assert.False(Designation.TryFind(new string('A', 500), out _));
    }

    [Theory]
    [InlineData("grün-gelb", "green, yellow stripe")]
    [InlineData("gnge", "green, yellow stripe")]
    [InlineData("grüngelb", "green, yellow stripe")]
    [InlineData("vert/jaune", "green, yellow stripe")]
    [InlineData("hellblau", "blue")]
    [InlineData("LT BLU", "blue")]
    [InlineData("blanco con azul", "white, blue stripe")]
    [InlineData("zwart", "black")]
    [InlineData("castanho", "brown")]
    [InlineData("grigio", "grey")]
    public void Colours_are_read_in_the_languages_of_lists(string text, string says)
    {
        Assert.True(InsulationColour.TryParse(text, out var colour));
        Assert.Equal(says, colour.ToString());
        Assert.Equal(says, string.Create(CultureInfo.InvariantCulture, $"{WireText.Read($"14 {text}").Colour}"));
    }

    private static string Said(string text, WirePart part) => text.Substring(part.Start, part.Length);

    /// <summary>NEC 310.16 and 334.80, from memory: NM cable at 60 °C, whatever its terminals are marked for.</summary>
    [Theory]
    [InlineData("12 THHN", 25.0)]
    [InlineData("12 NM-B", 20.0)]
    [InlineData("12 TW", 20.0)]
    [InlineData("12 XHHW-2", 25.0)]
    [InlineData("12", 25.0)]
    public void Letters_choose_the_column_of_the_ampacity(string text, double amps) =>
        Assert.Equal(amps, Ampacity.For(WireText.ReadConductor(text, null), 75)!.Amps);

    /// <summary>NEC 240.5(B), from memory: a cord is not protected by the table of wires.</summary>
    [Fact]
    public void A_cord_is_known_by_its_letters()
    {
        var cord = WireText.ReadConductor("16/3 SJOOW", null);
        Assert.Null(Ampacity.For(cord, 75));
        var job = new Sketch().Wire("1", null, null, conductor: cord).Job();
        Assert.True(job.IsOfCord(job.Wires.Values.Single()));
    }
}
