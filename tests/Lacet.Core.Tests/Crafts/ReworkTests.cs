using Lacet.Core.Circuits;
using Lacet.Core.Lugs;
using Lacet.Core.Rework;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Lost strands, rings by range, currents by table: rows that were read again by hand.</summary>
public sealed class ReworkTests
{
    /// <summary>IPC/WHMA-A-620 (from memory): by the count of strands, class 1 and 2 / class 3.</summary>
    [Theory]
    [InlineData("14", Build.Stranded, 1, 0)]
    [InlineData("18", Build.FineStranded, 3, 0)]
    [InlineData("16", Build.FineStranded, 4, 3)]
    [InlineData("14", Build.FineStranded, 5, 4)]
    [InlineData("12", Build.FineStranded, 6, 5)]
    [InlineData("8", Build.FineStranded, 10, 8)]
    [InlineData("14", Build.Solid, 0, 0)]
    public void So_many_strands_may_be_lost(string size, Build build, int general, int critical)
    {
        var wire = Ends.Wire(size, build);
        Assert.Equal(
            (general, critical),
            (StrandLossLimit.For(wire, StrandLoss.General), StrandLossLimit.For(wire, StrandLoss.Critical))
        );
    }

    [Fact]
    public void The_critical_class_never_allows_more() =>
        Generators.Wires.Sample(wire =>
            Assert.True(StrandLossLimit.For(wire, StrandLoss.Critical) <= StrandLossLimit.For(wire, StrandLoss.General))
        );

    /// <summary>IEC 60204-1, PVC, method B1, 40 °C (from memory).</summary>
    [Theory]
    [InlineData("0.75 mm²", 8.6)]
    [InlineData("2.5 mm²", 18.3)]
    [InlineData("16 mm²", 59)]
    [InlineData("120 mm²", 208)]
    public void Metric_sizes_carry_what_machine_wiring_carries(string size, double amps) =>
        Assert.Equal(amps, Ampacity.For(Ends.Wire(size), null)!.Amps);

    /// <summary>NEC 310.16, 240.4(B) and (D), 240.6(A) (from memory).</summary>
    [Theory]
    [InlineData("14", Material.Copper, null, 15, 15)]
    [InlineData("14", Material.Copper, 75, 20, 15)]
    [InlineData("10", Material.Copper, 75, 35, 30)]
    [InlineData("12", Material.Aluminium, 75, 20, 15)]
    [InlineData("10", Material.Aluminium, 60, 25, 25)]
    [InlineData("8", Material.Aluminium, 75, 40, 40)]
    [InlineData("4/0", Material.Copper, null, 230, 250)]
    [InlineData("250 kcmil", Material.Aluminium, 75, 205, 225)]
    [InlineData("18", Material.Copper, null, 7, 7)]
    public void Gauges_carry_what_their_column_has_and_small_ones_no_more_than_their_breaker(
        string size,
        Material material,
        int? terminal,
        double amps,
        double breaker
    )
    {
        var found = Ampacity.For(Ends.Wire(size, Build.Stranded, material: material), terminal)!;
        Assert.Equal((amps, breaker), (found.Amps, found.Breaker));
    }

    [Theory]
    [InlineData("20", Material.Copper)]
    [InlineData("14", Material.Aluminium)]
    [InlineData("0.5 mm²", Material.Copper)]
    [InlineData("16 mm²", Material.Aluminium)]
    public void What_no_table_has_is_null(string size, Material material) =>
        Assert.Null(Ampacity.For(Ends.Wire(size, Build.Stranded, material: material), null));

    /// <summary>The 90 °C column is for derating only: a terminal marked 90 °C counts as 75 °C.</summary>
    [Fact]
    public void A_terminal_marked_90_counts_as_75() =>
        Assert.Equal(
            Ampacity.For(Ends.Wire("4", Build.Stranded), 75),
            Ampacity.For(Ends.Wire("4", Build.Stranded), 90)
        );

    [Fact]
    public void A_thicker_wire_never_carries_less()
    {
        foreach (var metric in new[] { true, false })
        {
            foreach (int? column in new int?[] { 60, 75 })
            {
                var amps = ConductorSize
                    .Stocked.Where(s => (s.System == SizeSystem.Metric) == metric)
                    .OrderBy(s => s.Area.SquareMillimetres)
                    .Select(s => Ampacity.For(Conductor.Of(s, Build.Stranded, Material.Copper), column)?.Amps)
                    .OfType<double>()
                    .ToList();
                Assert.True(amps.Count > 10);
                Assert.Equal(amps.Order(), amps);
            }
        }
    }

    /// <summary>DIN 46234 (from memory): M4 4.3, M5 5.3, M6 6.5, M8 8.4, M10 10.5 mm.</summary>
    [Theory]
    [Trait("Advice", "1.14")]
    [InlineData(4, 4.3, "#8 / M4")]
    [InlineData(5, 5.3, "#10 / M5")]
    [InlineData(6, 6.5, "1/4 in / M6")]
    [InlineData(8, 8.4, "5/16 in / M8")]
    [InlineData(10, 10.5, "3/8 in / M10")]
    public void A_ring_s_hole_is_the_standard_s_for_its_stud(double stud, double hole, string name)
    {
        var ring = RingChoice.For(Ends.Wire("14", Build.Stranded), new Stud(stud, null, null, null))!;
        Assert.Equal((hole, name), (ring.Hole.Millimetres, ring.Stud));
        // 5/32 in is 3.97 mm, which passes no M4: a hole is never said in inches.
        Assert.DoesNotContain(
            " in)",
            Ends.Read(
                Ends.Recipe(Ends.Wire("14", Build.Stranded), new Stud(stud, null, null, null)).Preparation.Detail
            ),
            StringComparison.Ordinal
        );
    }

    /// <summary>
    /// Barrier screws: #6, #8 and #10 are 3.51, 4.17 and 4.83 mm (ASME B1.1, from memory), and go through the holes of
    /// M3.5, M4 and M5.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.14")]
    [InlineData("#6", 3.7)]
    [InlineData("#8", 4.3)]
    [InlineData("#10", 5.3)]
    public void A_barrier_screw_s_ring_passes_its_screw(string screw, double hole)
    {
        var stud = new Stud(null, null, null, null, ScrewSize.Parse(screw));
        var ring = RingChoice.For(Ends.Wire("14", Build.Stranded), stud)!;
        Assert.Equal(hole, ring.Hole.Millimetres);
        Assert.True(ring.Hole.Millimetres > ScrewSize.Parse(screw).MajorDiameter);
        Assert.Equal((StudHold.Screw, true), (stud.Hold, stud.IsTightened));
    }

    [Fact]
    [Trait("Advice", "1.14")]
    public void A_hold_down_lever_is_pressed_and_not_tightened()
    {
        var recipe = Ends.Recipe(
            Ends.Wire("14", Build.Stranded),
            new Stud(4, null, RingShape.Fork, null, hold: StudHold.Lever)
        );
        Assert.Null(recipe.Torque);
        Assert.Contains(
            "lever down until it clicks",
            Ends.Read(recipe.Steps.Single(s => s.Id == "land-ring").Text),
            StringComparison.Ordinal
        );
        Assert.Throws<ImpossibleInputException>(() =>
            new Stud(4, null, null, Ends.Marked(9, 12), hold: StudHold.Lever)
        );
        Assert.Throws<ImpossibleInputException>(() => new Stud(4, null, null, null, ScrewSize.Parse("#8")));
    }

    [Fact]
    public void A_measured_barrel_rules() =>
        Assert.Equal(
            7.5,
            RingChoice.For(Ends.Wire("14", Build.Stranded), new Stud(4, 7.5, null, null))!.Barrel.Millimetres
        );
}
