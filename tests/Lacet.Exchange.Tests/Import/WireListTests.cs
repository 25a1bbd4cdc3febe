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
public sealed partial class WireListTests
{
    private static readonly Dictionary<string, string> NoAnswers = new(StringComparer.Ordinal);

    /// <summary>
    /// A list as somebody made it in a spreadsheet: a title across merged cells, misspelt headings, a title between the
    /// rows, a total, AWG and metric mixed. What must be found in it was written down before it was ever read.
    /// </summary>
    [Fact]
    public void A_list_of_120_rows_gives_exactly_the_findings_that_were_written_down_beforehand()
    {
        var sheets = SheetReader
            .Read(
                File.ReadAllBytes(Path.Combine(AppContext.BaseDirectory, "Fixtures", "workshop-wires.xlsx")),
                null,
                null,
                default
            )
            .Sheets;
        var (heading, columns) = SheetColumns.Find(sheets[0]);
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
            [
                "One row is a title between the others and was left out.",
                "One row adds up and was left out.",
                "Conductors of one cable are read: each row is one conductor of it.",
            ],
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

    [Fact]
    public void A_length_beside_the_size_is_kept_and_a_column_of_lengths_goes_before_it()
    {
        Assert.Equal(
            3000,
            One(("Wire", "1"), ("From", "X1:1"), ("Size", "18 AWG BLU 3 m")).Wire!.Length!.Value.Millimetres
        );
        Assert.Equal(
            2000,
            One(
                ("Wire", "1"),
                ("From", "X1:1"),
                ("Size", "18 AWG BLU 3 m"),
                ("Length", "2 m")
            ).Wire!.Length!.Value.Millimetres
        );
    }

    /// <summary>In many panels a number is a potential (common practice): its wires are told apart all the same.</summary>
    [Theory]
    [InlineData("potential", "24V.1 24V.2 24V.3 0V.1 0V.2 101")]
    [InlineData("wire", "24V 24V 24V 0V 0V 101")]
    public void Numbers_that_many_rows_share_are_numbered_on_or_stand(string answer, string names)
    {
        string[] numbers = ["24V", "24V", "24V", "0V", "0V", "101"];
        var list = Read(
            new(StringComparer.Ordinal) { ["numbers"] = answer },
            ["Wire", "From", "To", "Size"],
            [.. numbers.Select((n, i) => new[] { n, $"X1:{i}", $"X2:{i}", "1.5 mm² fine" })]
        );
        Assert.Equal(names, string.Join(' ', list.Rows.Select(r => r.Wire!.Name)));
        Assert.Equal(5, Assert.Single(list.Questions).Rows);
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
        var list = new WireListReader(SheetColumns.Find(sheet).Columns, NoAnswers, _ => null).Read(
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

    private static WireList Read(Dictionary<string, string> answers, string[] headings, string[][] rows)
    {
        var sheet = new Sheet("s", [headings, .. rows]);
        return new WireListReader(SheetColumns.At(sheet, 0).Columns, answers, _ => null).Read(
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
            CheckScope.Cable => $"cable {job.Cables[about.Id].Name}",
            _ => $"run {about.Run}",
        };
    }

    // Named as the columns of the table are.
    private sealed record Expected(string check, string severity, string about);
}
