using Lacet.Core.Drawings;
using Lacet.Core.Rework;

namespace Lacet.Core.Tests.Crafts;

/// <summary>What a spoiled end is still worth, whether it may stay, and what it costs.</summary>
public sealed class ReworkAssessmentTests
{
    /// <summary>
    /// ASTM B258: areas of gauges are 1.261 apart; by the published areas of 14 AWG (2.08 mm²) and 12 AWG (3.31 mm²),
    /// from memory.
    /// </summary>
    [Fact]
    public void Twelve_of_seven_strands_less_three_is_less_than_fourteen()
    {
        var worth = EffectiveSize.Of(Ends.Wire("12", Build.Stranded), 7, 3);
        Assert.Equal(3.31 * 4 / 7, worth.Left.SquareMillimetres, 0.01);
        Assert.True(worth.Left.SquareMillimetres < 2.08);
        Assert.Equal("14 AWG", worth.LessThan);
        // The field's own formula: Δn = −39/(2 ln 92) × ln(share).
        Assert.Equal(12 + (-39 / (2 * Math.Log(92)) * Math.Log(4 / 7.0)), worth.Gauge!.Value, 9);
    }

    [Theory]
    [InlineData("12", 7, 1, null)] // 6/7 of 3.31 is 2.84, more than 14 AWG
    [InlineData("12", 7, 2, null)] // 5/7 is 2.36
    [InlineData("2.5 mm²", 7, 2, null)] // 1.79, more than 1.5
    [InlineData("2.5 mm²", 7, 3, "1.5 mm²")] // 1.43
    [InlineData("4/0", 19, 5, "3/0 AWG")] // 107.2 × 14/19 is 79; 3/0 is 85.0
    [InlineData("250 kcmil", 19, 3, "4/0 AWG")] // 126.7 × 16/19 is 106.7; 4/0 is 107.2
    public void It_is_less_than_the_next_size_only_where_it_is(string size, int strands, int lost, string? less) =>
        Assert.Equal(less, EffectiveSize.Of(Ends.Wire(size, Build.Stranded), strands, lost).LessThan);

    [Fact]
    public void The_gauge_of_an_area_is_the_law_the_other_way_round() =>
        Gen.Int[-3, 36].Sample(n => Assert.Equal(n, WireGauge.Of(WireGauge.AreaOf(n)), 9));

    [Fact]
    public void More_lost_strands_are_never_worth_more() =>
        Gen.Select(Generators.Wires, Gen.Int[2, 200], Gen.Int[0, 199])
            .Sample(
                (wire, strands, lost) =>
                {
                    var (less, more) = (
                        EffectiveSize.Of(wire, strands, Math.Min(lost, strands - 1)),
                        EffectiveSize.Of(wire, strands, Math.Min(lost, strands - 1) + 1)
                    );
                    Assert.True(more.Left.SquareMillimetres < less.Left.SquareMillimetres);
                    Assert.True(more.Gauge is null || more.Gauge > less.Gauge);
                }
            );

    [Theory]
    [InlineData(0, 0)]
    [InlineData(7, 8)]
    [InlineData(7, -1)]
    [InlineData(5001, 1)]
    public void Strands_that_cannot_be_are_refused(int strands, int lost) =>
        Assert.Throws<ImpossibleInputException>(() => EffectiveSize.Of(Ends.Wire("12", Build.Stranded), strands, lost));

    /// <summary>IPC/WHMA-A-620, class 1 and 2 against class 3; lugs allow none (from memory).</summary>
    [Theory]
    [InlineData(19, 3, StrandLoss.General, false, FaultVerdict.Accept)]
    [InlineData(19, 4, StrandLoss.General, false, FaultVerdict.CutBack)]
    [InlineData(19, 1, StrandLoss.Critical, false, FaultVerdict.CutBack)]
    [InlineData(19, 1, StrandLoss.General, true, FaultVerdict.CutBack)]
    [InlineData(7, 1, StrandLoss.General, false, FaultVerdict.Accept)]
    [InlineData(200, 12, StrandLoss.General, false, FaultVerdict.Accept)]
    [InlineData(200, 11, StrandLoss.Critical, false, FaultVerdict.CutBack)]
    public void Lost_strands_pass_by_class(int strands, int lost, StrandLoss rule, bool lug, FaultVerdict verdict)
    {
        var assessed = ReworkAssessment.Of(
            new(Ends.Wire("12", Build.Stranded), new(null, null) { Strands = strands, StrandsLost = lost }, rule)
            {
                InLug = lug,
            }
        );
        Assert.Equal(verdict, assessed.Verdict);
        Assert.Equal(Fault.StrandsCut, Assert.Single(assessed.Faults).Fault);
    }

    /// <summary>
    /// Common practice: what was bent, ringed or notched comes off; what is only badly seated is put right without
    /// loss.
    /// </summary>
    [Theory]
    [Trait("Advice", "4.13")]
    [InlineData(Fault.Nick, FaultVerdict.CutBack)]
    [InlineData(Fault.Ring, FaultVerdict.CutBack)]
    [InlineData(Fault.OpenedHook, FaultVerdict.CutBack)]
    [InlineData(Fault.OverTwist, FaultVerdict.CutBack)]
    [InlineData(Fault.BadSolder, FaultVerdict.PutRight)]
    [InlineData(Fault.WrongWay, FaultVerdict.CutBack)]
    [InlineData(Fault.Scorched, FaultVerdict.CutBack)]
    [InlineData(Fault.TooShort, FaultVerdict.PutRight)]
    [InlineData(Fault.TooLong, FaultVerdict.PutRight)]
    [InlineData(Fault.InsulationCaught, FaultVerdict.PutRight)]
    [InlineData(Fault.StrandOut, FaultVerdict.PutRight)]
    [InlineData(Fault.DoubleStacked, FaultVerdict.PutRight)]
    [InlineData(Fault.Loose, FaultVerdict.PutRight)]
    public void Each_fault_has_its_verdict_and_only_cutting_back_costs_wire(Fault fault, FaultVerdict verdict)
    {
        var assessed = ReworkAssessment.Of(
            new(Ends.Wire("12"), Made(fault), StrandLoss.General) { Strip = new(19), Free = new(170) }
        );
        Assert.Equal(verdict, assessed.Verdict);
        // The strip, and about 10 mm (common practice).
        Assert.Equal(verdict == FaultVerdict.CutBack ? 29 : 0, assessed.Spent!.Value.Millimetres, 9);
        Assert.Equal(verdict == FaultVerdict.CutBack ? 141 : 170, assessed.Left!.Value.Millimetres, 9);
        // NEC 300.14 (from memory): 6 in, 152.4 mm.
        Assert.Equal(verdict == FaultVerdict.CutBack, assessed.NeedsPigtail);
    }

    [Fact]
    public void The_hardest_fault_rules_and_each_is_said_once()
    {
        var assessed = ReworkAssessment.Of(
            new(Ends.Wire("12"), Made(Fault.Loose, Fault.Ring, Fault.Loose), StrandLoss.General)
        );
        Assert.Equal([Fault.Ring, Fault.Loose], assessed.Faults.Select(f => f.Fault));
        Assert.Equal((FaultVerdict.CutBack, null, false), (assessed.Verdict, assessed.Spent, assessed.NeedsPigtail));
        Assert.Equal(
            FaultVerdict.Accept,
            ReworkAssessment.Of(new(Ends.Wire("12"), Made(), StrandLoss.General)).Verdict
        );
    }

    /// <summary>NEC 300.14 (from memory): 3 in past the opening where that is under 8 in in any dimension.</summary>
    [Theory]
    [InlineData(100, 100.0, true)]
    [InlineData(100, 250.0, false)]
    [InlineData(100, null, true)]
    [InlineData(110, 100.0, false)]
    public void Past_a_small_opening_three_inches_are_left(double past, double? opening, bool pigtail)
    {
        var assessed = ReworkAssessment.Of(
            new(Ends.Wire("12"), Made(Fault.Ring), StrandLoss.General)
            {
                Strip = new(19),
                PastOpening = new(past),
                Opening = opening is { } mm ? new(mm) : null,
            }
        );
        Assert.Equal(pigtail, assessed.NeedsPigtail);
    }

    /// <summary>
    /// A hook that comes off is one that was opened: what would only be put right at a clamp costs wire under a screw.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.15")]
    [InlineData(Fault.TooLong)]
    [InlineData(Fault.InsulationCaught)]
    [InlineData(Fault.Loose)]
    [InlineData(Fault.StrandOut)]
    [InlineData(Fault.DoubleStacked)]
    public void A_hook_that_comes_off_never_goes_back(Fault fault)
    {
        var end = new SpoiledEnd(Ends.Wire("12"), Made(fault), StrandLoss.General);
        Assert.Equal(FaultVerdict.PutRight, ReworkAssessment.Of(end).Verdict);
        var hook = ReworkAssessment.Of(end with { InHook = true });
        Assert.Equal(FaultVerdict.CutBack, hook.Verdict);
        Assert.Contains("never used again", Ends.Read(hook.Faults[0].Do), StringComparison.Ordinal);
    }

    [Fact]
    public void Whatever_is_said_to_be_wrong_is_what_is_found_wrong() =>
        Gen.Enum<Fault>()
            .List[0, 6]
            .Where(f => !(f.Contains(Fault.TooShort) && f.Contains(Fault.TooLong)))
            .Sample(faults => Assert.Equal(faults.Distinct().Order(), Made([.. faults]).Faults));

    [Fact]
    public void What_is_lost_is_drawn_hollow_in_proportion()
    {
        static int Hollow(Scene scene) => scene.Parts.Count(p => p.Kind == PartKind.LostStrand);
        var wire = Ends.Wire("12", Build.Stranded);
        Assert.Equal(3, Hollow(CrossSection.Of(wire, 7, 3)));
        Assert.Equal(7, CrossSection.Of(wire, 7, 3).Parts.Count - 1);
        Assert.Equal(16, CrossSection.Of(wire, 16, 0).Parts.Count - 1);
        // More strands than are told apart: a few stand for many, and one lost is one at least.
        Assert.Equal(1, Hollow(CrossSection.Of(wire, 259, 1)));
        Assert.Equal(37, CrossSection.Of(wire, 259, 1).Parts.Count - 1);
        Assert.Equal(0, Hollow(CrossSection.Of(wire)));
    }

    private static AsMade Made(params Fault[] faults) =>
        faults.Aggregate(new AsMade(null, null), (made, fault) => made.With(fault));
}
