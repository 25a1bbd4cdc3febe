using System.Globalization;
using System.Text;
using CsvHelper;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Wire lists as people write them: what is read, what is asked, what is refused.</summary>
public sealed class WireListTests
{
    private static readonly Dictionary<string, string> NoAnswers = new(StringComparer.Ordinal);

    /// <summary>
    /// A list as somebody made it in a spreadsheet: a title across merged cells, misspelt headings, a title between the
    /// rows, a total, AWG and metric mixed. What must be found in it was written down before it was ever read.
    /// </summary>
    [Fact]
    public void A_list_of_120_rows_gives_exactly_the_findings_that_were_written_down_beforehand()
    {
        var sheets = SheetReader.Read(
            File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Fixtures", "workshop-wires.xlsx")),
            null,
            default
        );
        var (heading, columns) = Headings.Find(sheets[0])!.Value;
        var list = new WireListReader(columns, NoAnswers, _ => null).Read(
            sheets[0],
            heading,
            new Dictionary<(int, ColumnMeaning), string>(),
            null,
            default
        );
        Assert.Equal(120, list.Rows.Count);
        Assert.All(list.Rows, r => Assert.Empty(r.Problems));
        Assert.Equal(
            ["One row is a title between the others and was left out.", "One row adds up and was left out."],
            list.Notices
        );

        var plan = ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid);
        var judged = new JudgedJob(new Job(new JobTitle(Guid.NewGuid(), "Workshop"), plan.Put));
        using var csv = new CsvReader(
            new StreamReader(Path.Combine(AppContext.BaseDirectory, "Fixtures", "workshop-findings.csv")),
            CultureInfo.InvariantCulture
        );
        var expected = csv.GetRecords<Expected>()
            .Select(e => $"{e.check} {e.severity} {e.about}")
            .Order(StringComparer.Ordinal);
        Assert.Equal(
            expected,
            judged
                .Findings.Select(f =>
                    $"{f.Finding.Check} {f.Finding.Severity.ToString().ToLowerInvariant()} {Name(judged.Job, f.About)}"
                )
                .Order(StringComparer.Ordinal)
        );
    }

    [Theory]
    [InlineData("14", "14 AWG")]
    [InlineData("#14", "14 AWG")]
    [InlineData("14AWG", "14 AWG")]
    [InlineData("1/0", "1/0 AWG")]
    [InlineData("2,5", "2.5 mm²")]
    [InlineData("2.5mm²", "2.5 mm²")]
    [InlineData("2x0.75", "0.75 mm²")]
    [InlineData("3G1,5", "1.5 mm²")]
    [InlineData("250 kcmil", "250 kcmil")]
    public void A_size_is_read_as_it_is_written(string cell, string size) =>
        Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), ("Size", cell)).Wire!.Conductor!.Size.Name);

    [Theory]
    [InlineData("AWG", "4", "4 AWG")]
    [InlineData("mm2", "4", "4 mm²")]
    [InlineData("mm2", "14 AWG", "14 AWG")]
    [InlineData("mm2", "4 fine", "4 mm²")]
    [InlineData("Size", "4 fine", "4 AWG")]
    public void A_bare_size_takes_the_unit_of_its_column(string heading, string cell, string size) =>
        Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.Conductor!.Size.Name);

    [Fact]
    public void A_bare_number_among_both_systems_is_asked_about_and_follows_the_answer()
    {
        string[] sizes = ["14 AWG", "2.5", "10"];
        var asked = Read(NoAnswers, ["Wire", "From", "Size"], [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]);
        Assert.Equal("10 AWG", asked.Rows[2].Wire!.Conductor!.Size.Name);
        Assert.Equal(1, Assert.Single(asked.Questions, q => q.Id == "size-system").Rows);
        var answered = Read(
            new(StringComparer.Ordinal) { ["size-system"] = "mm2" },
            ["Wire", "From", "Size"],
            [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]
        );
        Assert.Equal("10 mm²", answered.Rows[2].Wire!.Conductor!.Size.Name);
    }

    [Theory]
    [InlineData("4", null, true)] // nothing tells which it is
    [InlineData("4", "14 AWG", false)] // a list of gauges
    [InlineData("4", "2.5 mm²", false)] // a list of mm²
    [InlineData("14", null, false)] // no metric size is called so
    public void A_bare_number_is_asked_about_where_nothing_tells_what_it_is(string size, string? beside, bool asked)
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Size"],
            beside is null
                ?
                [
                    ["1", "X1:1", size],
                ]
                :
                [
                    ["1", "X1:1", size],
                    ["2", "X1:2", beside],
                ]
        );
        Assert.Equal(asked, list.Questions.Any(q => q.Id == "size-system"));
    }

    [Theory]
    [InlineData("Length", "3.2 m", 3200)]
    [InlineData("Length", "3,2 m", 3200)]
    [InlineData("Length", "3,2", 3200)]
    [InlineData("Length", "12 ft", 3657.6)]
    [InlineData("Length", "12' 6\"", 3810)]
    [InlineData("Length", "12’ 6”", 3810)]
    [InlineData("Length", "12-6", 3810)]
    [InlineData("Length", "320 cm", 3200)]
    [InlineData("Length (ft)", "10", 3048)]
    [InlineData("Length (m)", "10", 10000)]
    [InlineData("Length (mm)", "850", 850)]
    public void A_length_is_read_as_it_is_written(string heading, string cell, double mm) => // 1 ft = 304.8 mm, by definition
        Assert.Equal(mm, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.Length!.Value.Millimetres, 3);

    [Theory]
    [InlineData("20", 20)]
    [InlineData("20 A", 20)]
    [InlineData("C16", 16)]
    [InlineData("2P20A", 20)]
    [InlineData("20A/1P", 20)]
    public void A_breaker_is_read_as_it_is_written(string cell, double amps) =>
        Assert.Equal(amps, One(("Wire", "1"), ("From", "X1:1"), ("Circuit", "5"), ("Breaker", cell)).Wire!.BreakerAmps);

    [Theory]
    [InlineData("Size", "fat", "size")]
    [InlineData("Size", "2.6 mm2", "beside it are 2.5 and 4")]
    [InlineData("Colour", "mauve", "no colour")]
    [InlineData("Length", "far", "no length")]
    [InlineData("Breaker", "big", "no number of amperes")]
    [InlineData("Ferrule", "maybe", "no ferrule")]
    [InlineData("From type", "flange", "no landing that is known")]
    public void What_is_wrong_is_said_by_column_with_what_would_be_right(string heading, string cell, string says)
    {
        var row = One(("Wire", "1"), ("From", "X1:1"), (heading, cell));
        Assert.Null(row.Wire);
        Assert.Contains(says, Assert.Single(row.Problems).Says, StringComparison.Ordinal);
    }

    [Fact]
    public void A_row_that_counts_conductors_can_be_as_many_wires()
    {
        var list = Read(
            new(StringComparer.Ordinal) { ["several"] = "each" },
            ["Wire", "From", "Size"],
            [
                ["7", "X1:1", "2x0.75"],
            ]
        );
        Assert.Equal(["7.1", "7.2"], list.Rows.Select(r => r.Wire!.Name));
    }

    [Fact]
    public void A_correction_stands_for_what_is_written()
    {
        var sheet = new Sheet(
            "s",
            [
                ["Wire", "From", "Colour"],
                ["1", "X1:1", "mauve"],
            ]
        );
        var list = new WireListReader(Headings.Read(sheet.Rows[0]), NoAnswers, _ => null).Read(
            sheet,
            0,
            new Dictionary<(int, ColumnMeaning), string> { [(2, ColumnMeaning.Colour)] = "violet" },
            null,
            default
        );
        Assert.Equal("violet", list.Rows[0].Wire!.Colour?.ToString());
    }

    [Fact]
    public void One_circuit_has_one_breaker()
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Circuit", "Breaker"],
            [
                ["1", "X1:1", "5", "20"],
                ["2", "X1:2", "5", "15"],
            ]
        );
        var effects = ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid).Effects;
        Assert.Equal((RowDoes.Add, RowDoes.Wrong), (effects[0].Does, effects[1].Does));
        Assert.Contains("20 A in row 2", effects[1].Problems[0].Says, StringComparison.Ordinal);
    }

    [Fact]
    public void An_export_holds_no_formula_and_is_read_again_as_it_was()
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "To", "Size", "Type", "Colour", "Function", "Circuit", "Breaker", "Length", "Run"],
            [
                ["=1+1", "@A/-X1:1", "+B/X2:1", "14 AWG", "solid", "black", "line", "5", "15", "3.2 m", "+cmd"],
            ]
        );
        var title = new JobTitle(Guid.NewGuid(), "T");
        var job = JobDocument.Of(title, ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid).Put);
        var csv = WireListFile.Csv(job);
        Assert.DoesNotMatch(@"(?m)(^|[,;])[=+@-]", Encoding.UTF8.GetString(csv));
        foreach (var file in new[] { csv, WireListFile.Xlsx(job) })
        {
            var sheet = SheetReader.Read(file, null, default)[0];
            var (heading, columns) = Headings.Find(sheet)!.Value;
            var again = new WireListReader(columns, NoAnswers, _ => null).Read(
                sheet,
                heading,
                new Dictionary<(int, ColumnMeaning), string>(),
                null,
                default
            );
            Assert.Equal(
                list.Rows[0].Wire! with
                {
                    Row = 0,
                    From = null,
                    To = null,
                },
                again.Rows[0].Wire! with
                {
                    Row = 0,
                    From = null,
                    To = null,
                }
            );
            Assert.All(ListPlan.Of([.. job.Parts()], again, new ListPlanOptions(), Guid.NewGuid).Effects, e =>
                Assert.Equal(RowDoes.Nothing, e.Does)
            );
        }
    }

    [Fact]
    public void A_job_s_document_is_written_again_as_it_was_read()
    {
        var bytes = File.ReadAllBytes(Repository.Of("demo", "dome.job.json"));
        var once = JobDocument.Read(bytes).Write();
        Assert.Equal(once, JobDocument.Read(once).Write());
    }

    [Fact]
    public void The_published_schema_is_the_one_that_is_written() =>
        Assert.Equal(
            JobDocument
                .Schema()
                .ToJsonString(new JsonSerializerOptions(Exchange.Json.Options) { WriteIndented = true }),
            File.ReadAllText(Repository.Of("docs", "formats", "job.schema.json")).TrimEnd()
        );

    [Theory]
    [InlineData("{}", "format")]
    [InlineData("[1,2", "JSON")]
    [InlineData(
        "{\"format\":\"lacet-job/9\",\"job\":{\"id\":\"0198f000-0000-7000-8000-000000000001\",\"name\":\"x\"},\"enclosures\":[],\"devices\":[],\"landings\":[],\"circuits\":[],\"wires\":[],\"acceptances\":[]}",
        "lacet-job/1"
    )]
    [InlineData(
        "{\"format\":\"lacet-job/1\",\"job\":{\"id\":\"0198f000-0000-7000-8000-000000000001\",\"name\":\"x\",\"secret\":1},\"enclosures\":[],\"devices\":[],\"landings\":[],\"circuits\":[],\"wires\":[],\"acceptances\":[]}",
        "wrong form"
    )]
    public void What_is_no_job_is_refused(string text, string says) =>
        Assert.Contains(
            says,
            Assert.Throws<ImpossibleInputException>(() => JobDocument.Read(Encoding.UTF8.GetBytes(text))).Message,
            StringComparison.OrdinalIgnoreCase
        );

    [Theory]
    [InlineData("hot", WireFunction.Line)]
    [InlineData("L2", WireFunction.Line)]
    [InlineData("GND", WireFunction.Earth)]
    [InlineData("pe", WireFunction.Earth)]
    [InlineData("neut", WireFunction.Neutral)]
    [InlineData("switch leg", WireFunction.Switched)]
    [InlineData("+24 V", WireFunction.ControlPlus)]
    [InlineData("0V", WireFunction.ControlMinus)]
    [InlineData("traveler", WireFunction.Traveller)]
    [InlineData("high-speed", WireFunction.HighSpeed)]
    [InlineData("drain", WireFunction.Shield)]
    public void A_function_is_read_as_it_is_called(string cell, WireFunction function) =>
        Assert.Equal(function, One(("Wire", "1"), ("From", "X1:1"), ("Function", cell)).Wire!.Function);

    [Fact]
    public void Every_function_that_is_shown_is_read_again() =>
        Assert.All(Enum.GetValues<WireFunction>(), f => Assert.Equal(f, WireListReader.ReadFunction(f.Say())));

    [Theory]
    [InlineData("120", 120)]
    [InlineData("24 VDC", 24)]
    [InlineData("230 V AC", 230)]
    public void Volts_are_read_as_they_are_written(string cell, double volts) =>
        Assert.Equal(volts, One(("Wire", "1"), ("From", "X1:1"), ("Circuit", "5"), ("Volts", cell)).Wire!.Volts);

    [Theory]
    [InlineData("Breaker", "0")]
    [InlineData("Breaker", "-20")]
    [InlineData("Volts", "mains")]
    [InlineData("Load", "0 A")]
    public void Nothing_is_no_current_and_no_voltage(string heading, string cell) =>
        Assert.Contains(
            "is no number of",
            Assert.Single(One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Problems).Says,
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData("2.5", 2.5, null, false)]
    [InlineData("2,5/8", 2.5, 8.0, false)]
    [InlineData("ferrule 1.5 mm² x 10 mm", 1.5, 10.0, false)]
    [InlineData("none", null, null, true)]
    [InlineData("bare", null, null, true)]
    [InlineData("yes", null, null, false)]
    public void A_ferrule_is_read_as_it_is_written(string cell, double? size, double? pin, bool bare)
    {
        var wire = One(("Wire", "1"), ("From", "X1:1"), ("Ferrule", cell)).Wire!;
        Assert.Equal((size, pin, bare), (wire.Ferrule?.SizeMm2, wire.Ferrule?.Pin?.Millimetres, wire.SaidBare));
    }

    [Theory]
    [InlineData("-")]
    [InlineData("n/a")]
    [InlineData("SPARE")]
    [InlineData("—")]
    public void Nowhere_is_no_place(string cell)
    {
        var wire = One(("Wire", "1"), ("From", "X1:1"), ("To", cell)).Wire!;
        Assert.Null(wire.To);
        Assert.NotNull(wire.From);
    }

    [Fact]
    public void A_wire_without_a_number_is_named_after_its_row_and_said()
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Size"],
            [
                ["", "X1:1", "14"],
                ["2", "X1:2", "14"],
                ["", "X1:3", "14"],
            ]
        );
        Assert.Equal(["W2", "2", "W4"], list.Rows.Select(r => r.Wire!.Name));
        Assert.Contains("2 wires have no number and are named after their rows.", list.Notices);
    }

    [Fact]
    public void A_function_that_is_not_known_is_left_open_and_said()
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Function"],
            [
                ["1", "X1:1", "wibble {0}"],
                ["2", "X1:2", "wobble"],
            ]
        );
        Assert.All(list.Rows, r => Assert.Null(r.Wire!.Function));
        Assert.Contains("2 functions are not known (such as “wibble {0}”) and are left open.", list.Notices);
    }

    [Fact]
    public void Rows_that_are_no_wires_are_left_out_and_said()
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Size", "Length"],
            [
                ["1", "X1:1", "14", "2 m"],
                ["", "", "", ""],
                ["Lower rail"],
                ["Wire", "From", "Size", "Length"],
                ["2", "X1:2", "14", "3 m"],
                ["Total", "", "", "5 m"],
                ["sub-total", "", "", "5 m"],
            ]
        );
        Assert.Equal(["1", "2"], list.Rows.Select(r => r.Wire!.Name));
        Assert.Equal(
            [
                "One row is a title between the others and was left out.",
                "One row repeats the headings and was left out.",
                "2 rows add up and were left out.",
            ],
            list.Notices
        );
    }

    [Theory]
    [InlineData("usual", "2.5", "fine-stranded")]
    [InlineData("usual", "14", "stranded")]
    [InlineData("solid", "14", "solid")]
    [InlineData("fine", "14", "fine-stranded")]
    public void A_build_that_nobody_said_is_asked_about(string answer, string size, string build)
    {
        var list = Read(
            new(StringComparer.Ordinal) { ["build"] = answer },
            ["Wire", "From", "Size"],
            [
                ["1", "X1:1", size],
            ]
        );
        Assert.Equal(answer, Assert.Single(list.Questions).Answer);
        Assert.Contains(build, list.Rows[0].Wire!.Conductor!.ToString(), StringComparison.Ordinal);
        // Said once, it is not asked.
        Assert.Empty(
            Read(
                NoAnswers,
                ["Wire", "From", "Size", "Type"],
                [
                    ["1", "X1:1", size, "solid"],
                ]
            ).Questions
        );
    }

    [Theory]
    [InlineData("m", 12_000)]
    [InlineData("ft", 3657.6)]
    [InlineData("mm", 12)]
    public void A_length_without_a_unit_is_asked_about(string answer, double mm)
    {
        var list = Read(
            new(StringComparer.Ordinal) { ["length-unit"] = answer },
            ["Wire", "From", "Length"],
            [
                ["1", "X1:1", "12"],
            ]
        );
        Assert.Equal(1, Assert.Single(list.Questions).Rows);
        Assert.Equal(mm, list.Rows[0].Wire!.Length!.Value.Millimetres, 3);
    }

    [Theory]
    [InlineData("THHN stranded", Core.Conductors.Build.Stranded)]
    [InlineData("Fine stranded", Core.Conductors.Build.FineStranded)]
    [InlineData("solid, copper", Core.Conductors.Build.Solid)]
    [InlineData("H07V-K", Core.Conductors.Build.Stranded)] // says no build that is known, so what is usual for AWG
    public void A_type_is_read_for_its_build(string type, Core.Conductors.Build build) =>
        Assert.Equal(
            build,
            One(("Wire", "1"), ("From", "X1:1"), ("Size", "14"), ("Type", type)).Wire!.Conductor!.Build
        );

    [Fact]
    public void Every_wrong_cell_of_a_row_is_told_at_once()
    {
        var row = One(("Wire", "1"), ("From", "X1:1"), ("Size", "fat"), ("Colour", "mauve"), ("Length", "far"));
        Assert.Equal(
            [ColumnMeaning.Size, ColumnMeaning.Colour, ColumnMeaning.Length],
            row.Problems.Select(p => p.Column!.Value)
        );
    }

    [Fact]
    public void A_long_cell_is_shown_short()
    {
        var says = Assert.Single(One(("Wire", "1"), ("From", "X1:1"), ("Colour", new string('q', 400))).Problems).Says;
        Assert.True(says.Length < 120, says);
        Assert.Contains(
            "at most 200",
            Assert.Single(One(("Wire", "1"), ("From", new string('q', 201))).Problems).Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_cell_that_our_own_export_made_harmless_is_read_as_it_was() =>
        Assert.Equal("-24V", One(("Wire", "'-24V"), ("From", "X1:1")).Wire!.Name);

    private static WireList Read(Dictionary<string, string> answers, string[] headings, string[][] rows)
    {
        var sheet = new Sheet("s", [headings, .. rows]);
        return new WireListReader(Headings.Read(headings), answers, _ => null).Read(
            sheet,
            0,
            new Dictionary<(int, ColumnMeaning), string>(),
            null,
            default
        );
    }

    private static ListRow One(params (string Heading, string Cell)[] cells) =>
        Read(
            NoAnswers,
            [.. cells.Select(c => c.Heading)],
            [
                [.. cells.Select(c => c.Cell)],
            ]
        ).Rows[0];

    private static string Name(Job job, Subject about)
    {
        string Place(Guid landing) =>
            $"{job.Enclosures[job.Landings[landing].EnclosureId].Name}/{job.Landings[landing].Name}";
        return about.Scope switch
        {
            CheckScope.End =>
                $"wire {job.Wires[about.Id].Name} at {Place(job.Wires[about.Id][about.Side].LandingId!.Value)}",
            CheckScope.Wire => $"wire {job.Wires[about.Id].Name}",
            CheckScope.Landing => Place(about.Id),
            CheckScope.Device =>
                $"{job.Enclosures[job.Devices[about.Id].EnclosureId].Name}/{job.Devices[about.Id].Name}",
            CheckScope.Circuit => $"circuit {job.Circuits[about.Id].Name}",
            _ => $"run {about.Run}",
        };
    }

    // Named as the columns of the table are.
    private sealed record Expected(string check, string severity, string about);
}
