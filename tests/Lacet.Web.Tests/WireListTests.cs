using System.Globalization;
using System.IO.Compression;
using System.Text;
using CsvHelper;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using MiniExcelLibs;

namespace Lacet.Web.Tests;

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
        var sheets = SheetReader.Read(File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Fixtures", "workshop-wires.xlsx")), null, default);
        var (heading, columns) = Headings.Find(sheets[0])!.Value;
        var list = new WireListReader(columns, NoAnswers, _ => null).Read(sheets[0], heading, new Dictionary<(int, ColumnMeaning), string>(), null, default);
        Assert.Equal(120, list.Rows.Count);
        Assert.All(list.Rows, r => Assert.Empty(r.Problems));
        Assert.Equal(["One row is a title between the others and was left out.", "One row adds up and was left out."], list.Notices);

        var plan = ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid);
        var judged = new JudgedJob(new Job(new JobTitle(Guid.NewGuid(), "Workshop"), plan.Put.Select(p => p.Read())));
        using var csv = new CsvReader(new StreamReader(Path.Combine(AppContext.BaseDirectory, "Fixtures", "workshop-findings.csv")), CultureInfo.InvariantCulture);
        var expected = csv.GetRecords<Expected>().Select(e => $"{e.check} {e.severity} {e.about}").Order(StringComparer.Ordinal);
        Assert.Equal(expected, judged.Findings.Select(f => $"{f.Finding.Check} {f.Finding.Severity.ToString().ToLowerInvariant()} {Name(judged.Job, f.About)}").Order(StringComparer.Ordinal));
    }

    [Theory]
    [InlineData("Wire No.", ColumnMeaning.Wire, true)]
    [InlineData("wire #", ColumnMeaning.Wire, true)]
    [InlineData("FROM", ColumnMeaning.From, true)]
    [InlineData("Destination", ColumnMeaning.To, true)]
    [InlineData("Gauge", ColumnMeaning.Awg, true)]
    [InlineData("Size (mm²)", ColumnMeaning.Mm2, true)]
    [InlineData("mm²", ColumnMeaning.Mm2, true)]
    [InlineData("Color", ColumnMeaning.Colour, true)]
    [InlineData("Colur", ColumnMeaning.Colour, false)]
    [InlineData("Lenght (ft)", ColumnMeaning.LengthFt, false)]
    [InlineData("Length [m]", ColumnMeaning.LengthM, true)]
    [InlineData("Circiut", ColumnMeaning.Circuit, false)]
    [InlineData("Breaker (A)", ColumnMeaning.Breaker, true)]
    [InlineData("Fonction", ColumnMeaning.Function, false)]
    [InlineData("Conduit", ColumnMeaning.Run, true)]
    [InlineData("Weather", ColumnMeaning.Note, true)]
    [InlineData("", ColumnMeaning.Note, true)]
    public void A_heading_is_known_or_looks_like_one(string heading, ColumnMeaning meaning, bool sure)
    {
        var column = Assert.Single(Headings.Read([heading]));
        Assert.Equal((meaning, sure), (column.Meaning, column.Sure));
    }

    [Fact]
    public void A_meaning_is_given_to_the_heading_that_fits_it_best() => Assert.Equal(
        [ColumnMeaning.Note, ColumnMeaning.From], Headings.Read(["Fom", "From"]).Select(c => c.Meaning));

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
    public void A_size_is_read_as_it_is_written(string cell, string size) => Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), ("Size", cell)).Wire!.Conductor!.Size);

    [Theory]
    [InlineData("AWG", "4", "4 AWG")]
    [InlineData("mm2", "4", "4 mm²")]
    [InlineData("mm2", "14 AWG", "14 AWG")]
    [InlineData("mm2", "4 fine", "4 mm²")]
    [InlineData("Size", "4 fine", "4 AWG")]
    public void A_bare_size_takes_the_unit_of_its_column(string heading, string cell, string size) =>
        Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.Conductor!.Size);

    [Fact]
    public void A_bare_number_among_both_systems_is_asked_about_and_follows_the_answer()
    {
        string[] sizes = ["14 AWG", "2.5", "10"];
        var asked = Read(NoAnswers, ["Wire", "From", "Size"], [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]);
        Assert.Equal("10 AWG", asked.Rows[2].Wire!.Conductor!.Size);
        Assert.Equal(1, Assert.Single(asked.Questions, q => q.Id == "size-system").Rows);
        var answered = Read(new(StringComparer.Ordinal) { ["size-system"] = "mm2" }, ["Wire", "From", "Size"], [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]);
        Assert.Equal("10 mm²", answered.Rows[2].Wire!.Conductor!.Size);
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
        Assert.Equal(mm, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.LengthMm!.Value, 3);

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

    [Theory]
    [InlineData("X1:5", null, "X1", "X1:5")]
    [InlineData("DCP/X1:5", "DCP", "X1", "X1:5")]
    [InlineData("+DCP-X1:5", "DCP", "X1", "X1:5")]
    [InlineData("=A1+DCP-X1:5", "DCP", "X1", "X1:5")]
    [InlineData("stud", null, null, "stud")]
    public void A_place_is_read_as_it_is_written(string cell, string? enclosure, string? device, string name)
    {
        // IEC 81346: + before the location, - before the device; from memory.
        var end = LandingWords.Place(cell, null);
        Assert.Equal((enclosure, device, name), (end.Enclosure, end.Device, end.Name));
    }

    [Theory]
    [InlineData("screw terminal", "screw-clamp-block")]
    [InlineData("Spring Cage", "spring-cage-block")]
    [InlineData("push-in", "push-in-block")]
    [InlineData("receptacle 20 A, brass screw", "binding-screw")]
    [InlineData("back stab", "back-stab")]
    [InlineData("set screw lug", "set-screw-lug")]
    [InlineData("lever connector", "lever")]
    public void A_landing_is_told_by_words(string words, string kind) =>
        Assert.Equal(kind, LandingWords.Describe(new(null, null, "X"), words, _ => null)!.Landing!.Read().Kind);

    [Fact]
    public void A_receptacle_s_words_tell_its_side_rating_and_half()
    {
        var end = LandingWords.Describe(new(null, "R1", "R1"), "GFCI receptacle 20A, lower silver clamp plate, load side", _ => null)!;
        Assert.Equal((DeviceType.GroundFaultReceptacle, 20.0, DeviceHalf.Lower, TerminalIdentity.Silver, DeviceSide.Load), (end.Type, end.RatingAmps, end.Half, end.Identity, end.Side));
    }

    [Fact]
    public void A_landing_of_the_shelf_is_found_by_its_code()
    {
        var mine = new LeverDocument { LeastMm2 = 0.5, MostMm2 = 6 };
        var end = LandingWords.Describe(new(null, null, "X"), "MY-6", code => code == "MY-6" ? mine : null)!;
        Assert.Same(mine, end.Landing);
    }

    [Fact]
    public void A_row_that_counts_conductors_can_be_as_many_wires()
    {
        var list = Read(new(StringComparer.Ordinal) { ["several"] = "each" }, ["Wire", "From", "Size"], [["7", "X1:1", "2x0.75"]]);
        Assert.Equal(["7.1", "7.2"], list.Rows.Select(r => r.Wire!.Name));
    }

    [Fact]
    public void A_correction_stands_for_what_is_written()
    {
        var sheet = new Sheet("s", [["Wire", "From", "Colour"], ["1", "X1:1", "mauve"]]);
        var list = new WireListReader(Headings.Read(sheet.Rows[0]), NoAnswers, _ => null)
            .Read(sheet, 0, new Dictionary<(int, ColumnMeaning), string> { [(2, ColumnMeaning.Colour)] = "violet" }, null, default);
        Assert.Equal("violet", list.Rows[0].Wire!.Colour);
    }

    [Fact]
    public void One_circuit_has_one_breaker()
    {
        var list = Read(NoAnswers, ["Wire", "From", "Circuit", "Breaker"], [["1", "X1:1", "5", "20"], ["2", "X1:2", "5", "15"]]);
        var effects = ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid).Effects;
        Assert.Equal((RowDoes.Add, RowDoes.Wrong), (effects[0].Does, effects[1].Does));
        Assert.Contains("20 A in row 2", effects[1].Problems[0].Says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(";")]
    [InlineData(",")]
    [InlineData("\t")]
    public void Any_usual_separator_is_found(string separator)
    {
        var sheet = Assert.Single(SheetReader.Read(Encoding.UTF8.GetBytes($"Wire{separator}From\r\n1{separator}X1:1\r\n"), null, default));
        Assert.Equal(["1", "X1:1"], sheet.Rows[1]);
    }

    [Fact]
    public void A_spreadsheet_s_unicode_text_is_read() =>
        Assert.Equal(["2", "2.5 mm²"], SheetReader.Read([0xFF, 0xFE, .. Encoding.Unicode.GetBytes("Wire\tSize\r\n2\t2.5 mm²\r\n")], null, default)[0].Rows[1]);

    public static TheoryData<string, byte[], string> BadFiles => new()
    {
        { "empty", [], "empty" },
        { "wrong encoding", Encoding.Latin1.GetBytes("Wire;Size\r\n1;2.5mm²\r\n"), "UTF-8" },
        { "zero bytes", Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\0\r\n"), "zero bytes" },
        { "no table", Encoding.UTF8.GetBytes("once upon a time"), "no table" },
        { "no workbook", [(byte)'P', (byte)'K', 3, 4, 0, 0], "cannot be opened" },
        { "another archive", Zip(("readme.txt", "hello")), "cannot be opened" },
        { "bomb", Zip(("xl/worksheets/sheet1.xml", new string('0', 320_000_000))), "unpacks to far more" },
        { "wide workbook", Zip(("xl/worksheets/sheet1.xml", "<worksheet><dimension ref=\"A1:XFD9\"/></worksheet>")), "columns" },
        { "doctype", Zip(("xl/worksheets/sheet1.xml", "<!DOCTYPE x [<!ENTITY a 'b'>]><worksheet>&a;</worksheet>")), "cannot be opened" },
        { "a million columns", Encoding.UTF8.GetBytes(string.Join(';', Enumerable.Repeat("x", 1_000_000)) + "\r\n"), "columns" },
        { "endless cell", Encoding.UTF8.GetBytes($"Wire;Size\r\n1;{new string('9', 5000)}\r\n"), "characters" },
        { "endless list", Encoding.UTF8.GetBytes("Wire;Size\r\n" + string.Concat(Enumerable.Repeat("1;2\r\n", 50_001))), "rows" },
    };

    [Theory]
    [MemberData(nameof(BadFiles))]
    public void A_bad_file_gives_one_clear_sentence(string what, byte[] file, string says)
    {
        Assert.NotEmpty(what);
        var refused = Assert.Throws<ImpossibleInputException>(() => SheetReader.Read(file, null, default));
        Assert.Contains(says, refused.Message, StringComparison.OrdinalIgnoreCase);
        Assert.True(refused.Message.Length < 250);
    }

    [Fact]
    public void Reading_can_be_stopped()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Assert.Throws<OperationCanceledException>(() => SheetReader.Read(Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\r\n"), null, stop.Token));
    }

    [Fact]
    public void An_export_holds_no_formula_and_is_read_again_as_it_was()
    {
        var list = Read(NoAnswers, ["Wire", "From", "To", "Size", "Type", "Colour", "Function", "Circuit", "Breaker", "Length", "Run"],
            [["=1+1", "@A/-X1:1", "+B/X2:1", "14 AWG", "solid", "black", "line", "5", "15", "3.2 m", "+cmd"]]);
        var title = new TitleDocument { Id = Guid.NewGuid(), Name = "T" };
        var job = JobDocument.Of(title, ListPlan.Of([], list, new ListPlanOptions(), Guid.NewGuid).Put);
        var csv = WireListFile.Csv(job);
        Assert.DoesNotMatch(@"(?m)(^|[,;])[=+@-]", Encoding.UTF8.GetString(csv));
        foreach (var file in new[] { csv, WireListFile.Xlsx(job) })
        {
            var sheet = SheetReader.Read(file, null, default)[0];
            var (heading, columns) = Headings.Find(sheet)!.Value;
            var again = new WireListReader(columns, NoAnswers, _ => null).Read(sheet, heading, new Dictionary<(int, ColumnMeaning), string>(), null, default);
            Assert.Equal(list.Rows[0].Wire! with { Row = 0, From = null, To = null }, again.Rows[0].Wire! with { Row = 0, From = null, To = null });
            Assert.All(ListPlan.Of([.. job.Parts()], again, new ListPlanOptions(), Guid.NewGuid).Effects, e => Assert.Equal(RowDoes.Nothing, e.Does));
        }
    }

    [Fact]
    public void A_job_s_document_is_written_again_as_it_was_read()
    {
        var bytes = File.ReadAllBytes(Path.Combine(Root(), "demo", "dome.job.json"));
        var once = JobDocument.Read(bytes).Write();
        Assert.Equal(once, JobDocument.Read(once).Write());
    }

    [Fact]
    public void The_published_schema_is_the_one_that_is_written() => Assert.Equal(
        JobDocument.Schema().ToJsonString(new JsonSerializerOptions(Exchange.Json.Options) { WriteIndented = true }),
        File.ReadAllText(Path.Combine(Root(), "docs", "formats", "job.schema.json")).TrimEnd());

    [Theory]
    [InlineData("{}", "format")]
    [InlineData("[1,2", "JSON")]
    [InlineData("{\"format\":\"lacet-job/9\",\"job\":{\"id\":\"0198f000-0000-7000-8000-000000000001\",\"name\":\"x\"},\"enclosures\":[],\"devices\":[],\"landings\":[],\"circuits\":[],\"wires\":[],\"acceptances\":[]}", "lacet-job/1")]
    [InlineData("{\"format\":\"lacet-job/1\",\"job\":{\"id\":\"0198f000-0000-7000-8000-000000000001\",\"name\":\"x\",\"secret\":1},\"enclosures\":[],\"devices\":[],\"landings\":[],\"circuits\":[],\"wires\":[],\"acceptances\":[]}", "wrong form")]
    public void What_is_no_job_is_refused(string text, string says) => Assert.Contains(
        says, Assert.Throws<ImpossibleInputException>(() => JobDocument.Read(Encoding.UTF8.GetBytes(text))).Message, StringComparison.OrdinalIgnoreCase);

    internal static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Lacet.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }

    private static WireList Read(Dictionary<string, string> answers, string[] headings, string[][] rows)
    {
        var sheet = new Sheet("s", [headings, .. rows]);
        return new WireListReader(Headings.Read(headings), answers, _ => null).Read(sheet, 0, new Dictionary<(int, ColumnMeaning), string>(), null, default);
    }

    private static ListRow One(params (string Heading, string Cell)[] cells) =>
        Read(NoAnswers, [.. cells.Select(c => c.Heading)], [[.. cells.Select(c => c.Cell)]]).Rows[0];

    private static string Name(Job job, Subject about)
    {
        string Place(Guid landing) => $"{job.Enclosures[job.Landings[landing].EnclosureId].Name}/{job.Landings[landing].Name}";
        return about.Scope switch
        {
            CheckScope.End => $"wire {job.Wires[about.Id].Name} at {Place(job.Wires[about.Id][about.Side].LandingId!.Value)}",
            CheckScope.Wire => $"wire {job.Wires[about.Id].Name}",
            CheckScope.Landing => Place(about.Id),
            CheckScope.Device => $"{job.Enclosures[job.Devices[about.Id].EnclosureId].Name}/{job.Devices[about.Id].Name}",
            CheckScope.Circuit => $"circuit {job.Circuits[about.Id].Name}",
            _ => $"run {about.Run}",
        };
    }

    private static byte[] Zip(params (string Name, string Text)[] entries)
    {
        using var stream = new MemoryStream();
        using (var archive = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, text) in entries)
            {
                using var writer = new StreamWriter(archive.CreateEntry(name).Open());
                writer.Write(text);
            }
        }

        return stream.ToArray();
    }

    // Named as the columns of the table are.
    private sealed record Expected(string check, string severity, string about);
}
