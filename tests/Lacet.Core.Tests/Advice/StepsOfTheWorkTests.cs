using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.PinMaps;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Core.Strip;

namespace Lacet.Core.Tests.Advice;

/// <summary>
/// Steps that a hand needs: lines of docs/advice.md, 4. Common practice, from memory, unless a source is named.
/// </summary>
public sealed class StepsOfTheWorkTests
{
    [Theory]
    [Trait("Advice", "4.2")]
    [InlineData("block", "slide-ferrule", "marker, heat-shrink, boot")]
    [InlineData("stud", "slide-ring", "marker, heat-shrink, boot")]
    [InlineData("lug", "slide-lug", "marker, heat-shrink, boot")]
    [InlineData("plug", "land-plug", "shell and gland nut")]
    [InlineData("tag", "hook-through", "heat-shrink")]
    public void What_cannot_go_on_later_is_slid_on_first(string at, string before, string what)
    {
        Landing landing = at switch
        {
            "block" => Ends.Block(),
            "stud" => new Stud(4, null, null, null),
            "lug" => new CrimpedLug(null, null, null),
            "plug" => new PlugScrew(null, null, null),
            _ => new SolderLug(null),
        };
        var steps = Ends.Recipe(Ends.Wire("16", Build.FineStranded), landing).Steps.ToList();
        var first = steps.FindIndex(s => s.Id == "slide-on-first");
        Assert.InRange(first, 0, steps.FindIndex(s => s.Id == before));
        Assert.Contains(what, Ends.Read(steps[first].Text), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "4.3")]
    public void A_hole_is_looked_into_before_anything_goes_in()
    {
        Landing[] holes =
        [
            new BackWireClamp(new(), null),
            new BackStab(new()),
            new LeverClamp(new()),
            Ends.Block(),
            new SpringCageBlock(new()),
            new PushInBlock(new()),
            new DeepPushIn(new()),
            new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, null, null, null, null),
        ];
        foreach (var hole in holes)
        {
            var steps = Ends.Recipe(Ends.Wire("14"), hole).Steps.ToList();
            Assert.InRange(
                steps.FindIndex(s => s.Id == "look-in"),
                1,
                steps.FindIndex(s => s.Operation == Operation.Land) - 1
            );
            Assert.Contains(
                "no old strand left",
                Ends.Read(steps.Single(s => s.Id == "look-in").HoldPoint!),
                StringComparison.Ordinal
            );
        }
    }

    [Theory]
    [Trait("Advice", "4.4")]
    [InlineData(
        "14",
        Build.Solid,
        StrippingTool.Hole,
        "thumb pushes straight off; or tilt back, pop, draw straight. Never turn."
    )]
    [InlineData("14", Build.Stranded, StrippingTool.Hole, "fingers hold, the thumb pushes straight off")]
    [InlineData(
        "14",
        Build.Stranded,
        StrippingTool.Automatic,
        "the slot for 14 AWG, its stop set to the length; it must not bite strands"
    )]
    [InlineData(
        "2/0",
        Build.Stranded,
        StrippingTool.Rotary,
        "fit the die, lock it, set the stop to the length, feed to the stop, let it turn"
    )]
    [InlineData(
        "2/0",
        Build.Stranded,
        StrippingTool.Knife,
        "ring it lightly all round, bend to open the cut, draw off turning with the lay"
    )]
    [InlineData("18", Build.FineStranded, StrippingTool.Knife, "Knife, no stripper")]
    public void A_strip_is_described_by_the_tool_in_the_hand(string size, Build build, StrippingTool tool, string says)
    {
        Landing landing =
            size == "2/0"
                ? new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, 13, 130, 25, null)
                : new LeverClamp(new());
        var recipe = RecipeBook.For(new(Ends.Wire(size, build), landing, HouseRules.Default) { StrippingTool = tool });
        Assert.Contains(says, Ends.Read(recipe.Steps.Single(s => s.Id == "strip").Text), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "4.5")]
    public void A_hook_is_rolled_from_the_tip_and_an_eye_has_steps_and_hold_points_of_its_own()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.Screw());
        Assert.StartsWith(
            "Slim jaw, or the hole in the stripper, at the very tip; hold the wire behind",
            Ends.Read(recipe.Steps.Single(s => s.Id == "bend-hook").Text),
            StringComparison.Ordinal
        );
        var eye = recipe.Alternatives.Single(a => a.Steps.Any(s => s.Id == "roll-eye"));
        Assert.Equal(
            ["strip", "bend-lead", "roll-eye", "land-eye", "tighten", "witness-mark"],
            eye.Steps.Select(s => s.Id)
        );
        Assert.All(eye.Steps, s => Assert.NotNull(s.HoldPoint));
    }

    [Fact]
    [Trait("Advice", "4.6")]
    public void After_a_torque_comes_a_witness_mark_and_every_end_is_dressed() =>
        AtHand.Sample(hand =>
        {
            var steps = RecipeBook.For(hand).Steps.Select(s => s.Id).ToList();
            if (steps.Count == 0)
            {
                return;
            }

            Assert.Equal(steps.Contains("tighten"), steps.Contains("witness-mark"));
            Assert.True(!steps.Contains("tighten") || steps.IndexOf("witness-mark") == steps.IndexOf("tighten") + 1);
            Assert.True(steps.IndexOf("dress") > steps.IndexOf("check"));
        });

    [Fact]
    [Trait("Advice", "4.6")]
    public void Wherever_ends_are_cut_eyes_are_protected()
    {
        var trimmed = Ends.Recipe(
            Ends.Wire("2.5 mm²", Build.FineStranded),
            Ends.Block(),
            HouseRules.Default with
            {
                StripForFerrules = StripForFerrules.LongThenTrim,
            }
        );
        Assert.Contains(
            "eye protection",
            Ends.Read(trimmed.Steps.Single(s => s.Id == "trim-strands").Text),
            StringComparison.OrdinalIgnoreCase
        );
        var splice = SpliceRecipe.Of(
            new([Ends.Wire("12"), Ends.Wire("12")], ConnectorRow.All[ConnectorKind.TwistOn].Usual, SplicePlace.Dry),
            HouseRules.Default
        );
        Assert.Contains(
            "Eye protection",
            Ends.Read(splice.Steps.Single(s => s.Id == "trim").Text),
            StringComparison.Ordinal
        );
        foreach (var form in Enum.GetValues<HandForm>())
        {
            var hand = HandSplice.Of(
                form,
                Ends.Wire("12", HandSplice.IsOfStrands(form) ? Build.Stranded : Build.Solid),
                new Turns(3, 4),
                PigtailStrip.OneAndAHalfInches
            );
            Assert.All(
                hand.Steps.Select(Ends.Read)
                    .Where(s =>
                        s.StartsWith("Trim to", StringComparison.Ordinal)
                        || s.StartsWith("Cut the", StringComparison.Ordinal)
                    ),
                s => Assert.Contains("ye protection", s, StringComparison.Ordinal)
            );
        }
    }

    [Fact]
    [Trait("Advice", "4.7")]
    public void Stranded_ends_lead_solid_ones()
    {
        static SpliceRecipe Of(Build other) =>
            SpliceRecipe.Of(
                new(
                    [Ends.Wire("12"), Ends.Wire("12", other)],
                    ConnectorRow.All[ConnectorKind.TwistOn].Usual,
                    SplicePlace.Dry
                ),
                HouseRules.Default
            );
        Assert.Contains(
            "1/8 in",
            Of(Build.Stranded).Steps.Single(s => s.Id == "lead").Text.ToString(UnitLead.Imperial),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(Of(Build.Solid).Steps, s => s.Id == "lead");
    }

    [Theory]
    [Trait("Advice", "4.8")]
    [InlineData(HandForm.PigtailTwo, "grip both tips with the pliers")]
    [InlineData(
        HandForm.PigtailThree,
        "Cross two over the one in the middle, grip all three, and twist clockwise; grip again in the same place"
    )]
    [InlineData(HandForm.PigtailFour, "Trim the four tips level first")]
    [InlineData(HandForm.Tap, "ring it twice, slit between, the blade away from you")]
    [InlineData(HandForm.StrandedTee, "Bind the tap’s base with one strand")]
    [InlineData(HandForm.FaceToFace, "Bind the base with these")]
    [InlineData(HandForm.InLine, "in short bites; look for rings")]
    public void Each_hand_splice_is_work_of_its_own(HandForm form, string says) =>
        Assert.Contains(says, string.Join(' ', Hand(form).Steps.Select(Ends.Read)), StringComparison.Ordinal);

    /// <summary>Eight diameters of a thick bundle, and 1 in of the thin ones of fixtures.</summary>
    [Fact]
    [Trait("Advice", "4.8")]
    public void Face_to_face_grows_with_its_wire()
    {
        Assert.Equal(25.4, Hand(HandForm.FaceToFace, "16").Wires[0].Bare.Millimetres, 3);
        Assert.True(Hand(HandForm.FaceToFace, "6").Wires[0].Bare.Millimetres > 35);
    }

    [Fact]
    [Trait("Advice", "4.9")]
    public void A_caution_always_has_its_finding() =>
        Gen.Select(Gen.Enum<ConnectorKind>(), Gen.Enum<SplicePlace>(), Wires.List[1, 6])
            .Sample(
                (kind, place, ends) =>
                {
                    var recipe = SpliceRecipe.Of(new(ends, ConnectorRow.All[kind].Usual, place), HouseRules.Default);
                    Assert.Equal(
                        recipe.Verdict == Verdict.Caution,
                        recipe.Findings.Any(f => f.Severity == Severity.Fix) && recipe.Verdict != Verdict.Stop
                    );
                }
            );

    [Fact]
    [Trait("Advice", "4.10")]
    public void A_two_wire_plug_hears_no_word_of_an_earth_and_every_plug_ends_with_tests()
    {
        static List<string> Of(double? earth) =>
            [
                .. PlugRefit
                    .Of(Ends.Wire("16", Build.FineStranded), ScrewSize.Parse("#6"), 22, 24, earth, HouseRules.Default)
                    .Steps.Select(Ends.Read),
            ];
        var two = Of(null);
        Assert.DoesNotContain(two, s =>
            s.Contains("earth", StringComparison.Ordinal) || s.Contains("jacket", StringComparison.Ordinal)
        );
        Assert.Contains(Of(30), s => s.Contains("mark each length with the thumb", StringComparison.Ordinal));
        Assert.Contains(Of(30), s => s.Contains("for a knot two diameters of the cord more", StringComparison.Ordinal));
        Assert.Contains("earth pin to case, under 1", Of(30)[^1], StringComparison.Ordinal);
        Assert.All([two[^1], Of(30)[^1]], s =>
            Assert.EndsWith("first power-up behind ground-fault protection.", s, StringComparison.Ordinal)
        );
        // A bridged fuse, an earth that lands nowhere, a clamp too wide are cues.
        Assert.All([CordCue.FuseBridged, CordCue.EarthNotLanded, CordCue.ClampTooWide], c =>
            Assert.Single(CordSign.All, s => s.Cue == c)
        );
    }

    [Theory]
    [Trait("Advice", "4.10")]
    [InlineData("18", 35)]
    [InlineData("16", 60)]
    [InlineData("14", 60)]
    public void An_iron_is_hot_enough_for_the_wire_and_both_schools_of_tinning_are_named(string size, int watts)
    {
        Assert.Equal(watts, SolderedEntry.IronWatts(Ends.Wire(size, Build.FineStranded)));
        var steps = SolderedEntry.Steps(Ends.Wire(size, Build.FineStranded)).Select(Ends.Read).ToList();
        Assert.Contains(steps, s =>
            s.StartsWith("Two schools: tin the strands before hooking", StringComparison.Ordinal)
        );
        Assert.Contains(steps, s =>
            s.Contains("1 mm rosin-cored solder, tin-lead or lead-free", StringComparison.Ordinal)
        );
    }

    [Fact]
    [Trait("Advice", "4.12")]
    public void A_pin_that_nobody_spoke_of_is_asked_about()
    {
        var map = new PinMap(
            "fan",
            6,
            2,
            [new(1, PinFunction.Line, "1"), new(2, PinFunction.Common, "2"), new(3, PinFunction.Earth, "PE")]
        )
        {
            KeySeen = true,
        };
        Assert.Contains(
            "pins 4, 5, 6 are for",
            Ends.Read(PinMapChecks.Of(map).Single(f => f.Check == "pin-unsaid").Says),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "4.13")]
    public void Behind_a_bad_cord_one_looks_on_to_fuse_wiring_and_earth()
    {
        static CordTriage Of(params CordCue[] seen) =>
            CordTriage.Of(
                seen,
                Enum.GetValues<CordPlace>(),
                DamagedCord.ReplaceWithMouldedCord,
                mouldedToBeHad: true,
                new()
            );
        var next = string.Join(' ', Of(CordCue.BladesScorched).LookNext);
        Assert.All(["fuse and its holder", "primary wiring", "The earth", "Solder"], what =>
            Assert.Contains(what, next, StringComparison.Ordinal)
        );
        Assert.Empty(Of().LookNext);
        Assert.Empty(Of(CordCue.PrintGone).LookNext);
    }

    [Theory]
    [Trait("Advice", "4.15")]
    [InlineData(false, null, "cannot be reached once the rest is in")]
    [InlineData(null, false, "by feel, and the wire behind the tag, not under it")]
    public void What_cannot_be_seen_or_reached_is_landed_accordingly(bool? accessible, bool? visible, string says)
    {
        Landing Of(bool? reach, bool? see) => Ends.Block() with { IsAccessible = reach, IsVisible = see };
        Assert.Contains(Ends.Recipe(Ends.Wire("14"), Of(accessible, visible)).Cautions, c =>
            Ends.Read(c).Contains(says, StringComparison.Ordinal)
        );
        Assert.DoesNotContain(Ends.Recipe(Ends.Wire("14"), Of(true, true)).Cautions, c =>
            Ends.Read(c).Contains(says, StringComparison.Ordinal)
        );
    }

    [Fact]
    [Trait("Advice", "4.17")]
    public void The_small_words_of_the_hand_are_there()
    {
        Assert.Contains(
            "square or trapezoid, with a ratchet, never a stripper’s jaws",
            string.Join(
                ' ',
                Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block()).Tools.Select(Ends.Read)
            ),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "the pin on the strands",
            Step(Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block()), "crimp-ferrule"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "barrel on the metal, grip on the insulation",
            Step(Ends.Recipe(Ends.Wire("14", Build.Stranded), new Stud(4, null, null, null)), "crimp-ring"),
            StringComparison.Ordinal
        );
        var deep = Ends.Recipe(Ends.Wire("14", Build.Stranded), new DeepPushIn(new()));
        Assert.Contains("with tape", Step(deep, "mark-depth"), StringComparison.Ordinal);
        Assert.StartsWith(
            "Start all wires, then take each in pliers and push it home",
            Step(deep, "land-straight"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "A blade of the right width at the release’s angle, pushed hard and held: twist the wire out",
            Ends.Read(deep.Undo!),
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "Pull the plug and keep it in sight. Tag and photograph the old leads before they are cut",
            Ends.Read(SolderedEntry.Steps(Ends.Wire("16"))[0]),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "4.19")]
    public void A_box_has_a_verdict_in_a_sentence_and_names_one_that_would_do()
    {
        BoxContents contents = new([new CountedSize(4, ConductorSize.Parse("2.5 mm²"))], [])
        {
            Yokes = [ConductorSize.Parse("12")],
        };
        var (fits, full) = (BoxFill.Of(contents, 14), BoxFill.Of(contents, 10));
        Assert.EndsWith("it fits.", Ends.Read(fits.Says), StringComparison.Ordinal);
        Assert.Contains("too full. Take a box such as", Ends.Read(full.Says), StringComparison.Ordinal);
        Assert.Contains("extension ring", Ends.Read(full.Says), StringComparison.Ordinal);
        Assert.Contains("counted as 12 AWG", fits.Shares[0].What, StringComparison.Ordinal);
        Assert.Equal(UsualBox.All.OrderBy(b => b.CubicInches), UsualBox.All);
    }

    /// <summary>IEC 60445, NEC 200.6, from memory.</summary>
    [Fact]
    [Trait("Advice", "4.20")]
    public void What_a_colour_means_elsewhere_is_only_said_of_what_may_be_from_there()
    {
        static IEnumerable<string> Misleads(bool foreign, Region region, params string[] colours) =>
            CordIdentity
                .Of(
                    [
                        .. colours.Select(c => new SeenConductor(
                            InsulationColour.TryParse(c, out var read) ? read : null,
                            []
                        )),
                    ],
                    region,
                    foreign
                )
                .Conductors.SelectMany(c => c.Misleads);
        Assert.Empty(Misleads(false, Region.NorthAmerica, "black", "white", "green"));
        Assert.Contains(Misleads(true, Region.NorthAmerica, "black", "white", "green"), m =>
            m.Contains("British", StringComparison.Ordinal)
        );
        // Brown beside black: the cord itself shows that it is from elsewhere.
        Assert.NotEmpty(Misleads(false, Region.NorthAmerica, "black", "brown", "green"));
        Assert.Empty(Misleads(false, Region.Iec, "brown", "blue", "green/yellow"));
        Assert.NotEmpty(Misleads(true, Region.Iec, "brown", "blue", "green/yellow"));
    }

    private static string Step(Recipe recipe, string id) => Ends.Read(recipe.Steps.Single(s => s.Id == id).Text);

    private static HandSplice Hand(HandForm form, string size = "12") =>
        HandSplice.Of(
            form,
            Ends.Wire(size, HandSplice.IsOfStrands(form) ? Build.Stranded : Build.Solid),
            new Turns(3, 4),
            PigtailStrip.OneAndAHalfInches
        );
}
