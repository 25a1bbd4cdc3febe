using Lacet.Core.Checks.End;
using Lacet.Core.Lugs;
using Lacet.Core.PinMaps;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Advice;

/// <summary>
/// Nothing dangerous, nothing false: lines of docs/advice.md, 1. Trade facts are common practice, from memory, unless a
/// source is named.
/// </summary>
public sealed class DangerousOrFalseTests
{
    /// <summary>Every landing that says what it takes, with every stocked wire outside of that.</summary>
    [Fact]
    [Trait("Advice", "1.1")]
    public void A_smaller_wire_is_only_offered_with_the_breaker_that_allows_it() =>
        AtHand.Sample(hand =>
        {
            if (new ConductorOutOfRange().Judge(new EndPlan(hand)) is not { } finding)
            {
                return;
            }

            var says = Ends.Read(finding.Do);
            Assert.True(
                !says.Contains("or less", StringComparison.Ordinal)
                    || says.Contains("only where the circuit’s breaker allows", StringComparison.Ordinal),
                says
            );
            foreach (
                var size in ConductorSize.Stocked.Where(s =>
                    says.Contains($"pigtail of {s.Name} or", StringComparison.Ordinal)
                )
            )
            {
                Assert.True(
                    hand.Landing.Takes(size),
                    $"{says} for {hand.Landing.LeastMm2} to {hand.Landing.MostMm2} mm²"
                );
            }
        });

    /// <summary>
    /// ASTM B258: 28 AWG is 0.08 mm²; 26 AWG 0.13. The list of pairs starts at 0.14, and the clamp at 0.25.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.2")]
    [InlineData("28")]
    [InlineData("26")]
    public void A_size_that_falls_through_a_clamp_is_stopped(string size)
    {
        Landing[] clamps =
        [
            new SpringCageBlock(new(0.25, 2.5)),
            new PushInBlock(new(0.25, 2.5)),
            Ends.Block(0.25, 2.5),
        ];
        Assert.All(clamps, c => Assert.Equal(Verdict.Stop, Ends.Recipe(Ends.Wire(size, Build.Stranded), c).Verdict));
    }

    [Fact]
    [Trait("Advice", "1.3")]
    public void A_guessed_range_refuses_nothing_and_is_never_called_printed()
    {
        Landing[] unread =
        [
            new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, null, null, null, null),
            new CrimpedLug(null, null, null),
            new BackWireClamp(new(), null),
            new LeverClamp(new()),
            new DeepPushIn(new()),
            new PlugScrew(null, PlugGrip.Clamp, null),
            new SolderLug(null),
            new SpringCageBlock(new()),
            new PushInBlock(new()),
            new ScrewClampBlock(new(), null),
        ];
        foreach (var landing in unread)
        {
            foreach (var size in ConductorSize.Stocked)
            {
                var recipe = Ends.Recipe(Conductor.Of(size, Build.Stranded, Material.Copper), landing);
                Assert.DoesNotContain(recipe.Findings, f =>
                    f is { Check: "conductor-out-of-range", Severity: Severity.Stop }
                );
                Assert.All(recipe.Reasons.Where(r => r.Rule == "size-range"), r =>
                    Assert.True(
                        r.Trust >= Trust.Generic
                            && !$"{Ends.Read(r.Text)} {r.Source}".Contains("printed", StringComparison.Ordinal)
                    )
                );
            }
        }

        // A 5/16 in socket usually takes 6 AWG to 250 kcmil: 2/0 goes.
        Assert.NotEqual(Verdict.Stop, Ends.Recipe(Ends.Wire("2/0", Build.Stranded), unread[0]).Verdict);
        Assert.NotEqual(Verdict.Caution, Ends.Recipe(Ends.Wire("2/0", Build.Stranded), unread[0]).Verdict);
        Assert.Contains(
            "5/16 in socket usually take 6 AWG to 250 kcmil",
            Ends.Read(
                Ends.Judge(Ends.Wire("10", Build.Stranded), unread[0]).Single(f => f.Check == "range-not-known").Says
            ),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "1.7")]
    public void No_ohm_is_read_on_a_running_machine()
    {
        var map = new PinMap(
            "fan",
            3,
            1,
            [new(1, PinFunction.Line, "1"), new(2, PinFunction.Common, "2"), new(3, PinFunction.Earth, "PE")]
        )
        {
            KeySeen = true,
        };
        Assert.All(ContinuityStep.Of(map).Where(s => s.Terminal != "PE"), s =>
            Assert.EndsWith(
                "once the motor’s leads are joined; everything still unplugged",
                s.Elsewhere,
                StringComparison.Ordinal
            )
        );
        Assert.DoesNotContain(ContinuityStep.Of(map), s =>
            s.Elsewhere.Word.Contains("is on", StringComparison.Ordinal)
        );
    }

    [Fact]
    [Trait("Advice", "1.8")]
    public void Aluminium_is_brushed_and_coated_in_a_step_and_lugs_name_their_marks()
    {
        var wire = Ends.Wire("1/0", Build.Stranded, material: Material.Aluminium);
        var marked = new HashSet<Material> { Material.Copper, Material.Aluminium };
        Landing[] takes =
        [
            new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, 13, 130, 25, null, marked),
            new CrimpedLug(0.375, 30, null, marked),
        ];
        foreach (var recipe in takes.Select(l => Ends.Recipe(wire, l)))
        {
            Assert.Contains(recipe.Steps, s =>
                s.Id == "brush-aluminium"
                && Ends.Read(s.HoldPoint!).StartsWith("Bright all round, and coated at once", StringComparison.Ordinal)
            );
            Assert.DoesNotContain(
                "opper",
                $"{Ends.Read(recipe.Undo!)} {string.Join(' ', recipe.Cautions.Select(Ends.Read))}",
                StringComparison.Ordinal
            );
        }

        var refused = Ends.Read(
            Ends.Judge(wire, new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, 13, 130, 25, null))[0].Do
        );
        Assert.Contains("AL7CU", refused, StringComparison.Ordinal);
        Assert.Contains("AL9CU", refused, StringComparison.Ordinal);
        Assert.Contains("do not twist", refused, StringComparison.Ordinal);
    }

    [Theory]
    [Trait("Advice", "1.9")]
    [InlineData("70 mm²")]
    [InlineData("95 mm²")]
    [InlineData("120 mm²")]
    public void A_sleeve_is_as_long_as_the_clamp_and_knows_no_collar(string size)
    {
        var recipe = Ends.Recipe(
            Ends.Wire(size, Build.FineStranded),
            new ScrewClampBlock(new(50, 150, new Length(32), FerruleAcceptance.Required), null)
        );
        Assert.Equal(32, recipe.Ferrule!.Pin.Millimetres);
        var says = string.Join(
            ' ',
            recipe
                .Steps.Select(s => $"{Ends.Read(s.Text)} {(s.HoldPoint is { } hold ? Ends.Read(hold) : "")}")
                .Concat(recipe.Tools.Select(Ends.Read))
        );
        Assert.DoesNotContain("collar", says, StringComparison.Ordinal);
        Assert.Contains("along its whole length", says, StringComparison.Ordinal);
        Assert.Contains("until the insulation meets the block", says, StringComparison.Ordinal);
        Assert.Contains("hydraulic or long-handled", says, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "1.10")]
    public void Whatever_the_headline_twists_a_step_twists_and_none_keeps_the_lay() =>
        AtHand.Sample(hand =>
        {
            var recipe = RecipeBook.For(hand);
            if (recipe.Steps.Count == 0 || recipe.Preparation.Kind != PreparationKind.Twisted)
            {
                return;
            }

            Assert.Contains(recipe.Steps, s => s.Id == "twist");
            Assert.DoesNotContain(recipe.Steps, s =>
                s.Id == "strip"
                && Ends.Read(s.Text).Contains("keep the strands’ lay", StringComparison.OrdinalIgnoreCase)
            );
        });

    [Fact]
    [Trait("Advice", "1.10")]
    public void A_deep_terminal_and_a_plug_s_plate_get_their_twist() =>
        Assert.All(new Landing[] { new DeepPushIn(new()), new PlugScrew(null, PlugGrip.Clamp, null) }, landing =>
            Assert.Contains(Ends.Recipe(Ends.Wire("16", Build.FineStranded), landing).Steps, s => s.Id == "twist")
        );

    [Theory]
    [Trait("Advice", "1.12")]
    [InlineData(Isolation.Cord, "Unplug it, and keep the plug in your sight.", "lock")]
    [InlineData(Isolation.Transformer, "Switch the lighting’s transformer off, and unplug it.", "lock")]
    [InlineData(Isolation.Machine, "Wait for stored energy, discharge it, and measure.", "Unplug")]
    [InlineData(Isolation.Building, "switch off every source, lock and tag", "Unplug")]
    public void What_is_worked_on_is_made_dead_in_its_own_way(Isolation isolation, string says, string never)
    {
        var step = RecipeBook
            .For(new(Ends.Wire("14"), Ends.Screw(), HouseRules.Default) { Isolation = isolation })
            .Steps.Single(s => s.Id == "prove-dead");
        Assert.Contains(says, Ends.Read(step.Text), StringComparison.Ordinal);
        Assert.DoesNotContain(never, Ends.Read(step.Text), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "1.12")]
    public void A_plug_is_unplugged_and_a_machine_s_terminals_are_waited_for_without_being_told()
    {
        string Dead(Landing landing) =>
            Ends.Read(
                Ends.Recipe(Ends.Wire("16", Build.FineStranded), landing).Steps.Single(s => s.Id == "prove-dead").Text
            );
        Assert.StartsWith("Unplug", Dead(new PlugScrew(null, null, null)), StringComparison.Ordinal);
        Assert.StartsWith("Unplug", Dead(new SolderLug(null)), StringComparison.Ordinal);
        Assert.Contains("stored energy", Dead(new DeepPushIn(new())), StringComparison.Ordinal);
    }

    /// <summary>ISO 262 threads: M4 is 4 mm over all, and 5/32 in only 3.97.</summary>
    [Fact]
    [Trait("Advice", "1.14")]
    public void A_ring_is_named_by_its_stud_and_not_by_a_fraction()
    {
        foreach (var mm in new[] { 3.0, 4, 5, 6, 8, 10 })
        {
            var recipe = Ends.Recipe(Ends.Wire("14", Build.Stranded), new Stud(mm, null, null, null));
            Assert.True(
                RingChoice.For(Ends.Wire("14", Build.Stranded), new Stud(mm, null, null, null))!.Hole.Millimetres > mm
            );
            Assert.DoesNotContain(
                "/32",
                string.Join(' ', recipe.Steps.Select(s => s.Text.ToString(ReaderFormat.Imperial))),
                StringComparison.Ordinal
            );
        }
    }

    /// <summary>NEC 300.5(E), from memory: listed for direct burial, it needs no box.</summary>
    [Fact]
    [Trait("Advice", "1.18")]
    public void A_buried_splice_is_laid_with_slack_and_sketched()
    {
        var connector = ConnectorRow.All[ConnectorKind.CrimpSleeveTube].Usual;
        var recipe = SpliceRecipe.Of(
            new([Ends.Wire("12"), Ends.Wire("12")], connector, SplicePlace.Buried),
            HouseRules.Default
        );
        var stow = Ends.Read(recipe.Steps.Single(s => s.Id == "stow").Text);
        Assert.Equal("Lay it with slack on both sides, deeper than a spade goes, and sketch where it lies.", stow);
        Assert.Contains(recipe.Reasons, r => r.Source.Contains("300.5(E)", StringComparison.Ordinal));
    }
}
