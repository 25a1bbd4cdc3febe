using System.Text;

namespace Lacet.Web.Tests;

public sealed partial class JobTests
{
    /// <summary>A job's file is JSON, and may be sent as what it is, not only as a file.</summary>
    [Theory]
    [InlineData("application/octet-stream")]
    [InlineData("application/json")]
    public async Task A_job_goes_out_and_comes_in_elsewhere_the_same(string type)
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" }))
            .Json.GetProperty("jobId")
            .GetGuid();
        var bytes = await bench.Server.Client.GetByteArrayAsync(
            new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
        );
        Assert.Equal(HttpStatusCode.Conflict, (await bench.SendAsync($"/api/jobs/document", bytes)).Status);
        await using var elsewhere = await JobBench.StartAsync();
        Assert.Equal(HttpStatusCode.Created, (await elsewhere.SendAsync($"/api/jobs/document", bytes, type)).Status);
        Assert.Equal(
            bytes,
            await elsewhere.Server.Client.GetByteArrayAsync(
                new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
            )
        );
        Assert.StartsWith(
            "Wire,",
            Encoding.UTF8.GetString(
                (
                    await elsewhere.Server.Client.GetByteArrayAsync(
                        new Uri($"/api/jobs/{job}/export/wires.csv", UriKind.Relative)
                    )
                )[3..]
            ),
            StringComparison.Ordinal
        );
        Assert.Equal(
            (byte)'P',
            (
                await elsewhere.Server.Client.GetByteArrayAsync(
                    new Uri($"/api/jobs/{job}/export/wires.xlsx", UriKind.Relative)
                )
            )[0]
        );
    }

    [Fact]
    public async Task A_document_whose_parts_do_not_belong_together_is_refused_whole()
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" }))
            .Json.GetProperty("jobId")
            .GetGuid();
        var document = System.Text.Json.Nodes.JsonNode.Parse(
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative))
        )!;
        document["job"]!["id"] = Guid.NewGuid();
        document["wires"]![0]!["a"]!["landingId"] = Guid.NewGuid();
        var (status, problem) = await bench.SendAsync(
            $"/api/jobs/document",
            Encoding.UTF8.GetBytes(document.ToJsonString())
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("landing that is not", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Equal(["Panel"], await bench.NamesAsync());
    }

    [Theory]
    [InlineData("wires.csv", "text/csv")]
    [InlineData("wires.xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet")]
    [InlineData("job.json", "application/json")]
    public async Task A_file_goes_out_under_the_job_s_name(string file, string type)
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        await bench.Server.PostAsync("/api/jobs", new { id, name = "Dome / slit: \"north\"" });
        using var response = await bench.Server.Client.GetAsync(
            new Uri($"/api/jobs/{id}/export/{file}", UriKind.Relative)
        );
        Assert.Equal(type, response.Content.Headers.ContentType!.MediaType);
        var name = response.Content.Headers.ContentDisposition!.FileNameStar
            ?? response.Content.Headers.ContentDisposition.FileName!;
        Assert.Contains("slit", name, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain('/', name);
    }
}
