using System.Text;
using Lacet.Exchange;
using Lacet.Exchange.Shelf;

namespace Lacet.Web.Tests;

/// <summary>The Shelf over HTTP: searched, changed, undone, exported and imported.</summary>
public sealed partial class ShelfTests
{
    private static readonly string[] Kinds = ["landing", "conductor", "ferrules", "connector", "device", "tool"];

    private static object Tool(string code, double scale = 5, string name = "Driver") =>
        new
        {
            item = new
            {
                kind = "tool",
                code,
                name,
                tool = "torque-driver",
                scaleNm = scale,
            },
        };

    private static string[] Codes(JsonElement page) =>
        [
            .. page.GetProperty("items")
                .EnumerateArray()
                .Select(i => i.GetProperty("item").GetProperty("code").GetString()!),
        ];

    [Fact]
    public async Task It_ships_with_generic_entries_for_every_kind_and_every_landing()
    {
        await using var server = await RunningServer.StartAsync();
        foreach (var kind in Kinds)
        {
            var (_, page) = await server.GetAsync($"/api/shelf/{kind}");
            Assert.NotEmpty(Codes(page));
            Assert.All(page.GetProperty("items").EnumerateArray(), i =>
                Assert.Equal("generic", i.GetProperty("item").GetProperty("trust").GetString())
            );
        }

        var (_, landings) = await server.GetAsync("/api/shelf/landing?limit=200");
        Assert.Equal(
            14,
            landings
                .GetProperty("items")
                .EnumerateArray()
                .Select(i => i.GetProperty("item").GetProperty("landing").GetProperty("kind").GetString())
                .Distinct()
                .Count()
        );
        Assert.All(landings.GetProperty("items").EnumerateArray(), i =>
            Assert.NotEqual(JsonValueKind.Null, i.GetProperty("drawing").ValueKind)
        );
    }

    [Theory]
    [InlineData("push", "PI-25")]
    [InlineData("pi-2", "PI-25")]
    [InlineData("cage", "CG-40")]
    [InlineData("lev cla", "LV-40")]
    public async Task It_is_searched_as_you_type(string typed, string code)
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Contains(
            code,
            Codes((await server.GetAsync($"/api/shelf/landing?q={Uri.EscapeDataString(typed)}")).Json)
        );
    }

    [Theory]
    [InlineData("\"")]
    [InlineData("* OR 1")]
    [InlineData("NEAR(")]
    public async Task No_search_can_break_it(string typed)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, page) = await server.GetAsync($"/api/shelf/landing?q={Uri.EscapeDataString(typed)}");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Empty(Codes(page));
    }

    [Fact]
    public async Task It_pages_by_code()
    {
        await using var server = await RunningServer.StartAsync();
        var (all, after) = (new List<string>(), "");
        do
        {
            var (_, page) = await server.GetAsync($"/api/shelf/landing?limit=7&after={Uri.EscapeDataString(after)}");
            all.AddRange(Codes(page));
            after = page.GetProperty("next").GetString() ?? "";
        } while (after.Length > 0);
        Assert.Equal(Codes((await server.GetAsync("/api/shelf/landing?limit=200")).Json), all);
    }

    [Fact]
    public async Task What_is_added_is_found_changed_taken_off_and_each_is_undone()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, added) = await server.PostAsync("/api/shelf", Tool("TD-9"));
        var id = added.GetProperty("entry").GetProperty("id").GetGuid();
        Assert.Equal(["TD-9"], Codes((await server.GetAsync("/api/shelf/tool?q=td-9")).Json));

        var (status, changed) = await Send(server, HttpMethod.Put, $"/api/shelf/items/{id}", "\"1\"", Tool("TD-9", 8));
        Assert.Equal((HttpStatusCode.OK, 2), (status, changed.GetProperty("entry").GetProperty("version").GetInt32()));
        var (stale, problem) = await Send(server, HttpMethod.Put, $"/api/shelf/items/{id}", "\"1\"", Tool("TD-9", 9));
        Assert.Equal(HttpStatusCode.Conflict, stale);
        Assert.Contains("since you looked", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);

        var (_, off) = await Send(server, HttpMethod.Delete, $"/api/shelf/items/{id}", "\"2\"", null);
        Assert.Empty(Codes((await server.GetAsync("/api/shelf/tool?q=td-9")).Json));
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await server.PostAsync($"/api/shelf/changes/{off.GetProperty("batch").GetGuid()}/undo", "{}")).Status
        );
        Assert.Equal(["TD-9"], Codes((await server.GetAsync("/api/shelf/tool?q=td-9")).Json));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await server.PostAsync($"/api/shelf/changes/{off.GetProperty("batch").GetGuid()}/undo", "{}")).Status
        );
        // What came after an older change keeps it from being undone.
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await server.PostAsync($"/api/shelf/changes/{added.GetProperty("batch").GetGuid()}/undo", "{}")).Status
        );
    }

    [Fact]
    public async Task A_code_is_taken_once()
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal(HttpStatusCode.Conflict, (await server.PostAsync("/api/shelf", Tool("TD-3"))).Status);
    }

    [Theory]
    [InlineData("""{"kind":"tool","code":"","name":"x","tool":"crimper"}""", "code")]
    [InlineData("""{"kind":"tool","code":"x","name":"x","tool":"torque-driver"}""", "scaleNm")]
    [InlineData("""{"kind":"ferrules","code":"x","name":"x","sizesMm2":[0.6]}""", "sizesMm2")]
    [InlineData(
        """{"kind":"connector","code":"x","name":"x","leastCount":3,"mostCount":2,"leastMm2":1,"mostMm2":2,"stripMm":10}""",
        "mostCount"
    )]
    [InlineData(
        """{"kind":"conductor","code":"x","name":"x","conductor":{"size":"15 ells","build":"solid"}}""",
        "conductor.size"
    )]
    [InlineData(
        """{"kind":"landing","code":"x","name":"x","landing":{"kind":"lever","stripDepthMm":500}}""",
        "landing.stripDepthMm"
    )]
    public async Task What_cannot_be_is_refused_by_field(string item, string field)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync("/api/shelf", $$"""{"item":{{item}}}""");
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
    }

    [Fact]
    public async Task A_landing_is_asked_about_by_its_id_and_keeps_its_trust()
    {
        await using var server = await RunningServer.StartAsync();
        const string Ask = """{"conductor":{"size":"2.5 mm²","build":"fine-stranded"},"landing":{"id":"ID"}}""";
        var generic = (await server.GetAsync("/api/shelf/landing?q=SC-40"))
            .Json.GetProperty("items")[0]
            .GetProperty("id")
            .GetString()!;
        var (_, typical) = await server.PostAsync(
            "/api/bench/recipe",
            Ask.Replace("ID", generic, StringComparison.Ordinal)
        );
        Assert.Equal(
            ("read", "generic"),
            (typical.GetProperty("verdict").GetString(), typical.GetProperty("torque").GetProperty("trust").GetString())
        );

        var (_, added) = await server.PostAsync(
            "/api/shelf",
            new
            {
                item = new
                {
                    kind = "landing",
                    code = "X9",
                    name = "Block at the pier",
                    landing = new
                    {
                        kind = "screw-clamp-block",
                        leastMm2 = 0.5,
                        mostMm2 = 4,
                        stripDepthMm = 9,
                        torqueMarking = new { target = 0.6, unit = "N·m" },
                    },
                },
            }
        );
        var own = added.GetProperty("entry").GetProperty("id").GetString()!;
        var (_, marked) = await server.PostAsync("/api/bench/recipe", Ask.Replace("ID", own, StringComparison.Ordinal));
        Assert.Equal(
            ("go", "marking"),
            (marked.GetProperty("verdict").GetString(), marked.GetProperty("torque").GetProperty("trust").GetString())
        );
        var (status, problem) = await server.PostAsync(
            "/api/bench/recipe",
            Ask.Replace("ID", Guid.NewGuid().ToString(), StringComparison.Ordinal)
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "landing.id"),
            (status, problem.GetProperty("field").GetString())
        );
    }

    [Fact]
    public async Task A_tool_whose_calibration_ended_says_so()
    {
        await using var server = await RunningServer.StartAsync();
        server.Time.AdjustTime(new(2027, 8, 1, 0, 0, 0, TimeSpan.Zero));
        await server.PersonAsync("Ines Okafor");
        var (_, page) = await server.GetAsync("/api/shelf/tool?q=TD-3");
        Assert.Contains(
            "calibration ended on 2027-06-01",
            page.GetProperty("items")[0].GetProperty("problem").GetString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Every_table_is_shown_with_its_source_and_what_uses_it()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, tables) = await server.GetAsync("/api/reference");
        Assert.Equal(
            Core.Reference.ReferenceTable.Names,
            tables.EnumerateArray().Select(t => t.GetProperty("name").GetString())
        );
        foreach (var table in tables.EnumerateArray())
        {
            Assert.NotEqual(0, table.GetProperty("usedBy").GetArrayLength());
            var (_, rows) = await server.GetAsync($"/api/reference/{table.GetProperty("name").GetString()}");
            Assert.Contains("rom memory", rows.GetProperty("head").ToString(), StringComparison.Ordinal);
            Assert.All(rows.GetProperty("rows").EnumerateArray(), r =>
                Assert.Equal(rows.GetProperty("columns").GetArrayLength(), r.GetArrayLength())
            );
        }

        Assert.Equal(HttpStatusCode.NotFound, (await server.GetAsync("/api/reference/nothing")).Status);
    }

    private static async Task<(HttpStatusCode Status, JsonElement Json)> Send(
        RunningServer server,
        HttpMethod method,
        string address,
        string version,
        object? body
    )
    {
        using var request = new HttpRequestMessage(method, address);
        request.Headers.TryAddWithoutValidation("If-Match", version);
        if (body is not null)
        {
            request.Content = new StringContent(
                JsonSerializer.Serialize(body, Json.Options),
                Encoding.UTF8,
                "application/json"
            );
        }

        using var response = await server.Client.SendAsync(request);
        var text = await response.Content.ReadAsStringAsync();
        return (response.StatusCode, text.Length == 0 ? default : JsonSerializer.Deserialize<JsonElement>(text));
    }
}
