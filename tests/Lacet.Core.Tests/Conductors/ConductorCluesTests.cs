using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Tests.Conductors;

/// <summary>What size is this? From strands, calipers, print and the stripper's hole.</summary>
public sealed class ConductorCluesTests
{
    /// <summary>
    /// Strand counts and diameters of ASTM B174 class K (0.010 in) and IEC 60228 class 5; from memory.
    /// </summary>
    [Theory]
    [Trait("Advice", "4.14")]
    [InlineData(16, 0.254, "18 AWG")]
    [InlineData(26, 0.254, "16 AWG")]
    [InlineData(41, 0.254, "14 AWG")]
    [InlineData(65, 0.254, "12 AWG")]
    [InlineData(104, 0.254, "10 AWG")]
    [InlineData(16, 0.2, "0.5 mm²")]
    [InlineData(24, 0.2, "0.75 mm²")]
    [InlineData(30, 0.25, "1.5 mm²")]
    [InlineData(50, 0.25, "2.5 mm²")]
    [InlineData(56, 0.3, "4 mm²")]
    [InlineData(84, 0.3, "6 mm²")]
    public void Fine_strands_counted_and_measured_name_their_size(int strands, double mm, string size)
    {
        var candidates = new ConductorClues { Strands = strands, StrandDiameter = new(mm) }.Candidates();
        Assert.Contains(candidates, c =>
            c.Conductor.Size.Name == size && c.Conductor.Build == Build.FineStranded && c.Sureness < Sureness.Possible
        );
        Assert.All(candidates, c => Assert.Equal(Build.FineStranded, c.Conductor.Build));
    }

    /// <summary>
    /// Diameters of solid wires, 0.005 × 92^((36-n)/39) in (ASTM B258), and the strands of class B conductors (NEC
    /// chapter 9 table 8); from memory.
    /// </summary>
    [Theory]
    [InlineData(1, 1.628, "14 AWG", Build.Solid)]
    [InlineData(1, 2.053, "12 AWG", Build.Solid)]
    [InlineData(1, 2.588, "10 AWG", Build.Solid)]
    [InlineData(7, 0.61, "14 AWG", Build.Stranded)]
    [InlineData(7, 0.77, "12 AWG", Build.Stranded)]
    [InlineData(7, 1.23, "8 AWG", Build.Stranded)]
    [InlineData(19, 1.89, "1/0 AWG", Build.Stranded)]
    public void Solid_and_coarse_wires_are_told_by_one_caliper(int strands, double mm, string size, Build build)
    {
        var first = new ConductorClues { Strands = strands, StrandDiameter = new(mm) }.Candidates()[0];
        Assert.Equal((size, build, Sureness.Sure), (first.Conductor.Size.Name, first.Conductor.Build, first.Sureness));
    }

    [Theory]
    [InlineData("E00000 TYPE THHN OR THWN-2 12 AWG 600 V", "12 AWG", "THHN")]
    [InlineData("14/2 WITH GROUND NM-B 600 V", "14 AWG", "NM-B")]
    [InlineData("H07V-K 2,5 mm²", "2.5 mm²", "H07V-K")]
    [InlineData("H05VV-F 3G1,5", "1.5 mm²", "H05VV-F")]
    [InlineData("MTW 2/0 AWG", "2/0 AWG", "MTW")]
    public void What_is_printed_is_believed(string print, string size, string mark)
    {
        var first = new ConductorClues { Print = print }.Candidates()[0];
        Assert.Equal((size, Sureness.Sure), (first.Conductor.Size.Name, first.Sureness));
        Assert.StartsWith(mark, first.Insulation, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "4.14")]
    public void A_hole_is_of_a_solid_size_and_of_the_next_smaller_stranded_one()
    {
        var candidates = new ConductorClues { StripperHole = ConductorSize.Parse("14") }.Candidates();
        Assert.Contains(candidates, c => c.Conductor is { Build: Build.Solid, Size.Name: "14 AWG" });
        Assert.Contains(candidates, c => c.Conductor is { Build: Build.Stranded, Size.Name: "16 AWG" });
        Assert.All(candidates, c => Assert.Equal(Sureness.Possible, c.Sureness));
    }

    [Fact]
    public void Clues_that_contradict_each_other_leave_nothing_and_none_at_all_is_refused()
    {
        Assert.Empty(
            new ConductorClues
            {
                Print = "12 AWG",
                Strands = 1,
                StrandDiameter = new(1.0),
            }.Candidates()
        );
        Assert.Throws<ImpossibleInputException>(() => new ConductorClues { Print = " " }.Candidates());
        Assert.Equal(
            "print",
            Assert.Throws<ImpossibleInputException>(() => new ConductorClues { Print = "MTW" }.Candidates()).Field
        );
        Assert.Equal(
            "strandDiameterMm",
            Assert.Throws<ImpossibleInputException>(() => new ConductorClues { Strands = 7 }.Candidates()).Field
        );
        Assert.Throws<ImpossibleInputException>(() => new ConductorClues { Strands = 0 }.Candidates());
        Assert.Throws<ImpossibleInputException>(() =>
            new ConductorClues { BareDiameter = new(double.NaN) }.Candidates()
        );
    }

    /// <summary>Whatever a stocked wire measures, it is among what it may be.</summary>
    [Fact]
    public void A_wire_that_is_measured_exactly_is_found_again()
    {
        foreach (var size in ConductorSize.Stocked)
        {
            foreach (var build in new[] { Build.Solid, Build.Stranded })
            {
                var wire = Conductor.Of(size, build, Material.Copper);
                var found = new ConductorClues
                {
                    Strands = wire.Strands,
                    StrandDiameter = wire.StrandDiameter,
                    BareDiameter = wire.Diameter,
                    OverInsulation = wire.InsulationOuterDiameter,
                }.Candidates();
                Assert.Contains(found, c => c.Conductor.Size == size && c.Conductor.Build == build);
            }
        }
    }

    [Fact]
    [Trait("Advice", "4.15")]
    public void Every_kind_of_landing_says_how_it_differs_in_use() =>
        Assert.All(
            new Landing[]
            {
                new BindingScrew(null, null),
                new BackStab(new()),
                new LeverClamp(new()),
                new SolderLug(null),
                new CrimpedLug(null, null, null),
            },
            l =>
                Assert.True(
                    LandingTraits.For(l.Kind) is { Minutes: > 0 } t
                        && t.Says.ToString(System.Globalization.CultureInfo.InvariantCulture).EndsWith('.')
                )
        );
}
