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
public sealed partial class StepsOfTheWorkTests
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

    private static string Step(Recipe recipe, string id) => Ends.Read(recipe.Steps.Single(s => s.Id == id).Text);

    private static HandSplice Hand(HandForm form, string size = "12") =>
        HandSplice.Of(
            form,
            Ends.Wire(size, HandSplice.IsOfStrands(form) ? Build.Stranded : Build.Solid),
            new Turns(3, 4),
            PigtailStrip.OneAndAHalfInches
        );
}
