using System.Globalization;
using System.Text;
using CsvHelper;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;
using MiniExcelLibs;

namespace Lacet.Exchange.Tests;

/// <summary>A job's wires as a table: what stands in it, in which words, and what does not.</summary>
public sealed class WireListFileTests
{
    private static readonly Guid Panel = Guid.NewGuid(),
        Slot = Guid.NewGuid(),
        Circuit = Guid.NewGuid();

    [Fact]
    public void Every_value_stands_under_its_heading_in_the_trade_s_words()
    {
        var row = Assert.Single(
            Rows(
                Wire() with
                {
                    Conductor = Conductor.Of(ConductorSize.Parse("2.5 mm²"), Build.FineStranded, Material.Copper),
                    Colour = new(Hue.Green, Hue.Yellow),
                    Function = WireFunction.Earth,
                    CircuitId = Circuit,
                    Length = new(3250),
                    Run = "W4",
                    A = new(Guid.NewGuid()) { LandingId = Slot, Ferrule = new(2.5, new(8)) },
                }
            )
        );
        Assert.Equal("7", row["Wire"]);
        Assert.Equal("DCP", row["From enclosure"]);
        Assert.Equal("X1:1", row["From"]);
        Assert.Equal("", row["To"]);
        Assert.Equal("2.5 mm²", row["Size"]);
        Assert.Equal("fine-stranded copper", row["Type"]);
        Assert.Equal("green, yellow stripe", row["Colour"]);
        Assert.Equal("ground", row["Function"]);
        Assert.Equal("C1", row["Circuit"]);
        Assert.Equal("16 A", row["Breaker"]);
        Assert.Equal("3.25 m", row["Length"]);
        Assert.Equal("W4", row["Run"]);
        Assert.Equal("2.5/8", row["Ferrule"]);
    }

    [Fact]
    public void What_nobody_said_is_empty_and_not_a_word_for_nothing() =>
        Assert.All(Assert.Single(Rows(Wire())).Where(c => c.Key is not "Wire"), c => Assert.Equal("", c.Value));

    [Theory]
    [InlineData(true, null, "none")]
    [InlineData(false, 1.5, "1.5")]
    [InlineData(false, null, "")]
    public void Whether_an_end_gets_a_ferrule_is_said(bool bare, double? size, string cell) =>
        Assert.Equal(
            cell,
            Assert.Single(
                Rows(
                    Wire() with
                    {
                        A = new(Guid.NewGuid()) { SaidBare = bare, Ferrule = size is null ? null : new(size) },
                    }
                )
            )["Ferrule"]
        );

    [Fact]
    public void A_retired_wire_is_out_of_the_list() => Assert.Empty(Rows(Wire() with { Retired = true }));

    [Theory]
    [InlineData("=1+1")]
    [InlineData("+cmd")]
    [InlineData("-2")]
    [InlineData("@x")]
    [InlineData("'quoted")]
    public void A_cell_that_a_spreadsheet_would_compute_is_made_harmless(string name)
    {
        var cell = Assert.Single(Rows(Wire() with { Name = name }))["Wire"];
        Assert.Equal("'" + name, cell);
    }

    [Theory]
    [InlineData("a;b")]
    [InlineData("a,b")]
    [InlineData("say \"x\"")]
    [InlineData("line\nbreak")]
    public void Whatever_stands_in_a_cell_is_read_again_by_any_reader_of_csv(string name) =>
        Assert.Equal(name, Assert.Single(Rows(Wire() with { Name = name }))["Wire"]);

    [Fact]
    public void A_workbook_holds_what_the_csv_holds()
    {
        var job = Job(
            Wire() with
            {
                Colour = new(Hue.Black),
            },
            Wire() with
            {
                Id = Guid.NewGuid(),
                Name = "8",
                Length = new(1500),
            }
        );
        using var stream = new MemoryStream(WireListFile.Xlsx(job));
        var rows = stream
            .Query(useHeaderRow: true)
            .Cast<IDictionary<string, object?>>()
            .Select(r => r.ToDictionary(c => c.Key, c => c.Value?.ToString() ?? "", StringComparer.Ordinal))
            .ToList();
        Assert.Equal(Read(WireListFile.Csv(job)), rows);
    }

    [Fact]
    public void A_job_without_wires_still_has_its_headings()
    {
        Assert.StartsWith(
            "Wire,From enclosure,From",
            Encoding.UTF8.GetString(WireListFile.Csv(Job()))[1..],
            StringComparison.Ordinal
        );
        using var stream = new MemoryStream(WireListFile.Xlsx(Job()));
        Assert.Contains("From enclosure", ((IDictionary<string, object?>)stream.Query().Single()).Values);
    }

    private static JobWire Wire() => new(Guid.NewGuid(), "7", new(Guid.NewGuid()), new(Guid.NewGuid())) { Order = 1 };

    private static JobDocument Job(params JobWire[] wires) =>
        JobDocument.Of(
            new JobTitle(Guid.NewGuid(), "T") { Order = 1 },
            [
                new Enclosure(Panel, "DCP", EnclosureForm.Panel) { Order = 1 },
                new JobLanding(Slot, Panel, "X1:1") { Order = 1 },
                new Circuit(Circuit, "C1") { Order = 1, OcpdAmps = 16 },
                .. wires,
            ]
        );

    private static List<Dictionary<string, string>> Rows(JobWire wire) => Read(WireListFile.Csv(Job(wire)));

    private static List<Dictionary<string, string>> Read(byte[] csv)
    {
        using var reader = new CsvReader(new StreamReader(new MemoryStream(csv)), CultureInfo.InvariantCulture);
        return
        [
            .. reader
                .GetRecords<dynamic>()
                .Cast<IDictionary<string, object>>()
                .Select(r => r.ToDictionary(c => c.Key, c => (string)c.Value, StringComparer.Ordinal)),
        ];
    }
}
