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

public sealed partial class WireListTests
{
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
            var sheet = SheetReader.Read(file, null, null, default).Sheets[0];
            var (heading, columns) = SheetColumns.Find(sheet);
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
}
