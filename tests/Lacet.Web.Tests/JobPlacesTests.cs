using System.Text.Json.Nodes;
using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Tests;

/// <summary>
/// The demo's job asked over HTTP: landings, ends, findings by kind and by wire, and what a finding rests on.
/// </summary>
public sealed partial class JobPlacesTests(JobPlacesTests.Fixture fixture) : IClassFixture<JobPlacesTests.Fixture>
{
    private RunningServer Server => fixture.Server;

    private Guid Job => fixture.Job;

    [Fact]
    public async Task Landings_come_in_their_order_with_what_they_are_and_what_ends_there()
    {
        var (_, overview) = await Server.GetAsync($"/api/jobs/{Job}");
        var panel = overview.GetProperty("enclosures")[0].GetProperty("part");
        Assert.Equal(
            ("DCP", "DR-101", "D"),
            (
                panel.GetProperty("name").GetString(),
                panel.GetProperty("drawing").GetString(),
                panel.GetProperty("revision").GetString()
            )
        );
        var (_, page) = await Server.GetAsync(
            $"/api/jobs/{Job}/landings?enclosure={panel.GetProperty("id").GetGuid()}&limit=3"
        );
        Assert.Equal(
            ["X1:1", "X1:2", "X1:3"],
            page.GetProperty("items")
                .EnumerateArray()
                .Select(l => l.GetProperty("landing").GetProperty("name").GetString())
        );
        Assert.Equal("screw-clamp block, 0.5 to 4 mm²", page.GetProperty("items")[0].GetProperty("says").GetString());
        Assert.Equal("101", page.GetProperty("items")[0].GetProperty("wires")[0].GetString());
        Assert.Equal(3, page.GetProperty("next").GetInt32());
        var (_, found) = await Server.GetAsync($"/api/jobs/{Job}/landings?q=X9:1");
        Assert.All(found.GetProperty("items").EnumerateArray(), l =>
            Assert.Contains("X9:1", l.GetProperty("landing").GetProperty("name").GetString(), StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("q=feeder", 4)]
    [InlineData("q=FAN/M1", 4)]
    [InlineData("q=pink&limit=1", 1)]
    [InlineData("q=nothing answers to this", 0)]
    public async Task Wires_are_searched_by_any_of_their_words(string query, int count)
    {
        var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/wires?{query}");
        Assert.Equal(count, page.GetProperty("items").GetArrayLength());
    }

    [Fact]
    public async Task Wires_page_in_their_order()
    {
        var seen = new List<string>();
        int? next = 0;
        while (next is { } offset)
        {
            var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/wires?offset={offset}&limit=50");
            seen.AddRange(
                page.GetProperty("items")
                    .EnumerateArray()
                    .Select(w => w.GetProperty("wire").GetProperty("id").GetString()!)
            );
            next =
                page.GetProperty("next").ValueKind == JsonValueKind.Null ? null : page.GetProperty("next").GetInt32();
            Assert.Equal(137, page.GetProperty("total").GetInt32());
        }

        Assert.Equal(137, seen.Distinct(StringComparer.Ordinal).Count());
    }

    [Fact]
    public async Task An_end_opens_with_its_recipe_and_its_section()
    {
        var wire = await fixture.WireAsync("101");
        var (_, end) = await Server.GetAsync($"/api/jobs/{Job}/wires/{wire}/ends/a");
        Assert.Equal("DCP/X1:1", end.GetProperty("where").GetString());
        Assert.Equal("signed", end.GetProperty("progress").GetProperty("state").GetString());
        // DIN 46228-4: an 8 mm pin and 2 mm of collar in a landing of 9 mm.
        Assert.Equal(
            10,
            end.GetProperty("recipe").GetProperty("strip").GetProperty("target").GetProperty("value").GetDouble()
        );
        Assert.NotEmpty(end.GetProperty("section").GetProperty("parts").EnumerateArray());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await Server.GetAsync($"/api/jobs/{Job}/wires/{Guid.NewGuid()}/ends/a")).Status
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await Server.GetAsync($"/api/jobs/{Job}/wires/{wire}/ends/middle")).Status
        );
    }

    [Fact]
    public async Task An_end_at_a_splice_has_no_recipe_yet_and_says_so_by_leaving_it_out()
    {
        var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/wires?q=JB1/L");
        var wire = page.GetProperty("items")[0].GetProperty("wire");
        var (_, end) = await Server.GetAsync($"/api/jobs/{Job}/wires/{wire.GetProperty("id").GetGuid()}/ends/b");
        Assert.Equal(JsonValueKind.Null, end.GetProperty("recipe").ValueKind);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await Server.GetAsync(
                    $"/api/jobs/{Job}/findings/section?wire={wire.GetProperty("id").GetGuid()}&side=b"
                )
            ).Status
        );
    }

    [Theory]
    [InlineData("severity=stop", "stop")]
    [InlineData("severity=note", "note")]
    public async Task Findings_are_asked_for_by_severity(string query, string severity)
    {
        var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/findings?{query}");
        Assert.NotEmpty(page.GetProperty("items").EnumerateArray());
        Assert.All(page.GetProperty("items").EnumerateArray(), f =>
            Assert.Equal(severity, f.GetProperty("severity").GetString())
        );
    }

    [Fact]
    public async Task Findings_come_worst_first_and_their_groups_add_up()
    {
        var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/findings?limit=1000");
        string[] order = ["stop", "fix", "note"];
        var severities = page.GetProperty("items")
            .EnumerateArray()
            .Select(f => Array.IndexOf(order, f.GetProperty("severity").GetString()))
            .ToList();
        Assert.Equal(severities.Order(), severities);
        Assert.Equal(
            severities.Count,
            page.GetProperty("groups")
                .EnumerateArray()
                .Sum(g => g.GetProperty("open").GetInt32() + g.GetProperty("accepted").GetInt32())
        );
        var summary = (await Server.GetAsync($"/api/jobs/{Job}")).Json.GetProperty("summary");
        Assert.Equal(
            severities.Count,
            summary.GetProperty("stops").GetInt32()
                + summary.GetProperty("fixes").GetInt32()
                + summary.GetProperty("notes").GetInt32()
        );
        Assert.Equal("stop", page.GetProperty("items")[0].GetProperty("severity").GetString());
    }

    [Fact]
    public async Task Findings_of_a_wire_are_all_that_touch_it()
    {
        var wire = await fixture.WireAsync("206");
        var (_, page) = await Server.GetAsync($"/api/jobs/{Job}/findings?wire={wire}");
        Assert.Equal(
            "ferrule-forbidden",
            Assert.Single(page.GetProperty("items").EnumerateArray()).GetProperty("check").GetString()
        );
    }

    [Fact]
    public async Task A_finding_that_can_be_drawn_is_drawn_with_its_metal()
    {
        var (_, page) = await Server.GetAsync($"/api/jobs/{fixture.Gallery}/findings?check=aluminium-not-marked");
        var about = page.GetProperty("items")[0].GetProperty("about");
        Assert.True(about.GetProperty("drawable").GetBoolean());
        var (_, drawing) = await Server.GetAsync(
            $"/api/jobs/{fixture.Gallery}/findings/section?wire={about.GetProperty("wireId").GetGuid()}&side={about.GetProperty("side").GetString()}"
        );
        Assert.Equal("aluminium", drawing.GetProperty("material").GetString());
    }

    [Theory]
    [InlineData("/api/jobs/{0}/findings?limit=0")]
    [InlineData("/api/jobs/{0}/findings?severity=awful")]
    [InlineData("/api/jobs/{0}/findings?lead=cubits")]
    [InlineData("/api/jobs/{0}/wires?limit=5000")]
    [InlineData("/api/jobs/{0}/landings?limit=-1")]
    [InlineData("/api/jobs?offset=-1")]
    public async Task A_question_that_cannot_be_is_refused_in_a_sentence(string address)
    {
        var (status, problem) = await Server.GetAsync(
            string.Format(System.Globalization.CultureInfo.InvariantCulture, address, Job)
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotEmpty(problem.GetProperty("detail").GetString()!);
    }

    [Theory]
    [InlineData("")]
    [InlineData("/wires")]
    [InlineData("/landings")]
    [InlineData("/findings")]
    [InlineData("/commands")]
    [InlineData("/survey")]
    [InlineData("/export/job.json")]
    public async Task A_job_that_is_not_there_is_said_to_be_not_there(string place)
    {
        var (status, problem) = await Server.GetAsync($"/api/jobs/{Guid.NewGuid()}{place}");
        Assert.Equal(
            (HttpStatusCode.NotFound, "There is no such job."),
            (status, problem.GetProperty("detail").GetString())
        );
    }

    /// <summary>One server with the demo for all of these.</summary>
    public sealed class Fixture : IAsyncLifetime
    {
        public RunningServer Server { get; private set; } = null!;

        public Guid Job { get; private set; }

        public Guid Gallery { get; private set; }

        public async ValueTask InitializeAsync()
        {
            Server = await RunningServer.StartAsync(demo: Repository.Of("demo"));
            Job = await NamedAsync("Dome refit");
            Gallery = await NamedAsync("Fault gallery");
        }

        public async ValueTask DisposeAsync() => await Server.DisposeAsync();

        private async Task<Guid> NamedAsync(string name) =>
            (await Server.GetAsync("/api/jobs"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .Single(j => j.GetProperty("summary").GetProperty("name").GetString() == name)
                .GetProperty("id")
                .GetGuid();

        public async Task<Guid> WireAsync(string name) =>
            (await Server.GetAsync($"/api/jobs/{Job}/wires?q={name}"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .First(w => w.GetProperty("wire").GetProperty("name").GetString() == name)
                .GetProperty("wire")
                .GetProperty("id")
                .GetGuid();
    }
}
