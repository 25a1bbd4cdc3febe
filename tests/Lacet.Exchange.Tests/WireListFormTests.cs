using System.Text;
using Lacet.Core.Jobs;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Exchange.Tests.Import;

namespace Lacet.Exchange.Tests;

/// <summary>A list goes out in the columns and units in which it came in.</summary>
public sealed class WireListFormTests
{
    private static readonly string Folder = Path.Combine(AppContext.BaseDirectory, "Fixtures", "lists");

    public static TheoryData<string> Lists =>
        new(
            Directory
                .EnumerateFiles(Folder)
                .Where(f =>
                    File.Exists(Path.ChangeExtension(f, ".reading.txt"))
                    && !f.EndsWith(".reading.txt", StringComparison.Ordinal)
                )
                .Select(f => Path.GetFileName(f))
                .Order(StringComparer.Ordinal)
        );

    /// <summary>Whatever form a list has, its export is read as what it is: nothing is new, nothing otherwise.</summary>
    [Theory]
    [MemberData(nameof(Lists))]
    public void A_list_that_went_out_as_it_came_in_changes_nothing_when_it_comes_back(string name)
    {
        var (put, form) = Read(File.ReadAllBytes(Path.Combine(Folder, name)));
        var job = JobDocument.Of(new JobTitle(Guid.NewGuid(), "J"), put);
        foreach (
            var file in new[] { WireListFile.Csv(job, form), WireListFile.Tsv(job, form), WireListFile.Xlsx(job, form) }
        )
        {
            var sheet = SheetReader.Read(file, null, null, default).Sheets[0];
            var columns = SheetColumns.Find(sheet);
            if (form is not null)
            {
                Assert.Equal(form.Headings, sheet.Rows[0].Take(form.Headings.Count));
                columns = columns.Given([
                    .. form.Columns,
                    .. columns.Columns.Skip(form.Columns.Count).Select(c => c.Meaning),
                ]);
            }

            var list = Listed(sheet, columns, form);
            var plan = ListPlan.Of(put, list, new ListPlanOptions("DCP"), Guid.NewGuid);
            Assert.Equal(
                [],
                plan.Effects.Where(e => e.Does != RowDoes.Nothing)
                    .Select(e =>
                        $"{e.Does} {e.Row.Wire?.Sentence()} {string.Join(", ", e.Changes)} {string.Join(", ", e.Problems)}"
                    )
            );
            Assert.Equal(put.OfType<JobWire>().Count(), plan.Effects.Count(e => e.Row.Bridge is null));
        }
    }

    [Fact]
    public void Units_of_headings_and_a_decimal_comma_are_kept()
    {
        var feet = Out("Wire,From,To,AWG,LEN (FT)\n1,X1:1,K1:A1,18,4.5\n2,X1:2,K2:A1,1/0,12\n");
        Assert.Equal(
            [
                "Wire,From,To,AWG,LEN (FT),Type",
                "1,X1:1,K1:A1,18,4.5,stranded copper",
                "2,X1:2,K2:A1,1/0,12,stranded copper",
            ],
            feet
        );
        var metric = Out("Draht;Von;Nach;Querschnitt mm²;Länge [m]\n1;X1:1;K1:A1;2,5;3,25\n2;X1:2;K2:A1;0,75;3\n");
        Assert.Equal(
            ["Draht;Von;Nach;Querschnitt mm²;Länge [m];Type", "1;X1:1;K1:A1;2,5;3,25;fine-stranded copper"],
            metric.Take(2)
        );
    }

    /// <summary>What a shop has no column for stands behind, under our own headings.</summary>
    [Fact]
    public void What_the_list_has_no_column_for_is_not_lost()
    {
        var (put, form) = Read(Encoding.UTF8.GetBytes("Wire,From,To,Size\n1,X1:1,K1:A1,18 AWG MTW\n"));
        var wire = put.OfType<JobWire>().Single() with { Function = WireFunction.ControlPlus };
        var rows = Lines(WireListFile.Csv(Job([.. put.Where(p => p is not JobWire), wire]), form));
        Assert.Equal("Wire,From,To,Size,Type,Function", rows[0]);
        Assert.EndsWith("control +", rows[1], StringComparison.Ordinal);
    }

    [Fact]
    public void A_list_of_ends_goes_out_as_a_row_an_end()
    {
        var rows = Out(
            "Wire,Device,Terminal,Size,Colour\n1,X1,1,18 AWG,blue\n1,K1,A1,18 AWG,blue\n2,X1,2,18 AWG,red\n2,K2,A1,18 AWG,red\n"
        );
        Assert.Equal(5, rows.Count);
        Assert.StartsWith("1,X1,1,", rows[1], StringComparison.Ordinal);
        Assert.StartsWith("1,K1,A1,", rows[2], StringComparison.Ordinal);
    }

    /// <summary>Two rows of ends are known as one by a number, which a bridge has not: both ends get columns.</summary>
    [Fact]
    public void A_bridge_goes_out_of_a_list_of_ends_whole()
    {
        var (put, form) = Read(
            Encoding.UTF8.GetBytes(
                "Wire,Device,Terminal,Size\n1,X1,1,18 AWG\n1,K1,A1,18 AWG\n2,X1,2,18 AWG\n2,K2,A1,18 AWG\n"
            )
        );
        Guid Of(string name) => put.OfType<JobLanding>().Single(l => l.Name == name).Id;
        IReadOnlyList<JobPart> job = [.. put, new JobBridge(Guid.NewGuid(), [Of("X1:1"), Of("X1:2")]) { Order = 1 }];
        var plan = PlannedList.Of(job, WireListFile.Csv(Job(job), form));
        Assert.Empty(plan.Put);
        Assert.Equal((2, 0, 0), (plan.Count(RowDoes.Nothing), plan.Removed.Count, plan.RemovedBridges.Count));
        Assert.Single(plan.Effects, e => e.Row.Bridge is not null);
    }

    [Fact]
    public void A_heading_is_no_formula_either() =>
        Assert.StartsWith(
            "Wire,From,To,Size,'=1+1",
            Out("Wire,From,To,Size,=1+1\n1,X1:1,K1:A1,18 AWG,x\n")[0],
            StringComparison.Ordinal
        );

    private static JobDocument Job(IReadOnlyList<JobPart> parts) =>
        JobDocument.Of(new JobTitle(Guid.NewGuid(), "J"), parts);

    private static List<string> Out(string text)
    {
        var (put, form) = Read(Encoding.UTF8.GetBytes(text));
        return Lines(WireListFile.Csv(Job(put), form));
    }

    private static List<string> Lines(byte[] csv) =>
        [.. Encoding.UTF8.GetString(csv).TrimStart('\uFEFF').Split("\r\n", StringSplitOptions.RemoveEmptyEntries)];

    private static (IReadOnlyList<JobPart> Put, WireListForm? Form) Read(byte[] file)
    {
        var (sheet, columns) = SheetReader
            .Read(file, null, null, default)
            .Sheets.Select(s => (s, SheetColumns.Find(s)))
            .OrderBy(s => s.Item2.IsWireList ? 0 : 1)
            .First();
        var list = Listed(sheet, columns, null);
        return (
            ListPlan.Of([], list, new ListPlanOptions("DCP"), Guid.NewGuid).Put,
            WireListForm.Of(sheet, columns, list, "DCP")
        );
    }

    private static WireList Listed(Sheet sheet, SheetColumns columns, WireListForm? form)
    {
        var answers = new Dictionary<string, string>(StringComparer.Ordinal);
        if (form?.LengthUnit is { } unit)
        {
            answers["length-unit"] = unit;
        }

        return new WireListReader(columns.Columns, answers, _ => null).Read(
            sheet,
            columns.HeadingRow,
            new Dictionary<(int, ColumnMeaning), string>(),
            null,
            default
        );
    }
}
