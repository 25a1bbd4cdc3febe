using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Crafts;

/// <summary>How thick an earth must be, by the two schools.</summary>
public sealed class EarthSizeTests
{
    /// <summary>IEC 60364-5-54 table 54.2, from memory: as the line, 16 mm², half the line.</summary>
    [Theory]
    [InlineData(1.5, 1.5)]
    [InlineData(16, 16)]
    [InlineData(25, 16)]
    [InlineData(35, 16)]
    [InlineData(70, 35)]
    [InlineData(120, 60)]
    public void Beside_a_line_it_goes_by_the_line(double line, double earth) =>
        Assert.Equal(earth, EarthSize.ByLine(new(line)).SquareMillimetres);

    /// <summary>NEC table 250.122, from memory: a rating between two rows takes the larger; above the table is none.</summary>
    [Theory]
    [InlineData(15, Material.Copper, "14 AWG")]
    [InlineData(30, Material.Copper, "10 AWG")]
    [InlineData(61, Material.Copper, "8 AWG")]
    [InlineData(200, Material.Aluminium, "4 AWG")]
    [InlineData(1201, Material.Copper, null)]
    public void By_its_breaker_it_goes_by_the_table(double amps, Material material, string? size) =>
        Assert.Equal(size, EarthSize.ByBreaker(amps, material)?.Name);

    /// <summary>
    /// NEC 250.122(A), from memory: a welder’s circuit of 12 AWG on 60 A needs no earth that is thicker than its lines.
    /// </summary>
    [Fact]
    public void It_need_not_be_thicker_than_its_lines()
    {
        static IEnumerable<string> Found(string earth) =>
            new Sketch()
                .Panel("P")
                .Circuit("1", 60)
                .Landing("P", "L")
                .Landing("P", "E")
                .Wire("1", "L", null, WireFunction.Line, "1", Ends.Wire("12"))
                .Wire("2", "E", null, WireFunction.Earth, "1", Ends.Wire(earth))
                .Judged()
                .Findings.Where(f => f.Finding.Check == "earth-too-small")
                .Select(f => Ends.Read(f.Finding.Says));
        Assert.Empty(Found("12"));
        Assert.Contains("must be as thick as its lines or more", Assert.Single(Found("14")), StringComparison.Ordinal);
    }

    /// <summary>Beyond the table it says so, and is not silent.</summary>
    [Fact]
    public void Above_the_table_it_is_not_judged()
    {
        var found = new Sketch()
            .Panel("P")
            .Circuit("1", 1600)
            .Landing("P", "E")
            .Wire("1", "E", null, WireFunction.Earth, "1", Ends.Wire("250 kcmil"))
            .Judged()
            .Findings.Single(f => f.Finding.Check == "earth-too-small");
        Assert.Equal(Severity.Note, found.Finding.Severity);
    }
}
