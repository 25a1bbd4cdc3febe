using System.Text;
using Lacet.Exchange;
using Lacet.Exchange.Shelf;

namespace Lacet.Web.Tests;

/// <summary>The Shelf over HTTP: searched, changed, undone, exported and imported.</summary>
public sealed class ShelfTests
{
    private static readonly string[] Kinds = ["landing", "conductor", "ferrules", "connector", "tool"];

    private static object Tool(Guid person, string code, double scale = 5, string name = "Driver") =>
        new
        {
            personId = person,
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
        var person = await server.PersonAsync("Ines Okafor");
        var (_, added) = await server.PostAsync("/api/shelf", Tool(person, "TD-9"));
        var id = added.GetProperty("entry").GetProperty("id").GetGuid();
        Assert.Equal(["TD-9"], Codes((await server.GetAsync("/api/shelf/tool?q=td-9")).Json));

        var (status, changed) = await Send(
            server,
            HttpMethod.Put,
            $"/api/shelf/items/{id}",
            "\"1\"",
            Tool(person, "TD-9", 8)
        );
        Assert.Equal((HttpStatusCode.OK, 2), (status, changed.GetProperty("entry").GetProperty("version").GetInt32()));
        var (stale, problem) = await Send(
            server,
            HttpMethod.Put,
            $"/api/shelf/items/{id}",
            "\"1\"",
            Tool(person, "TD-9", 9)
        );
        Assert.Equal(HttpStatusCode.Conflict, stale);
        Assert.Contains("since you looked", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);

        var (_, off) = await Send(server, HttpMethod.Delete, $"/api/shelf/items/{id}?personId={person}", "\"2\"", null);
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
    public async Task A_code_is_taken_once_and_a_stranger_changes_nothing()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        Assert.Equal(HttpStatusCode.Conflict, (await server.PostAsync("/api/shelf", Tool(person, "TD-3"))).Status);
        var (status, problem) = await server.PostAsync("/api/shelf", Tool(Guid.NewGuid(), "TD-10"));
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "personId"),
            (status, problem.GetProperty("field").GetString())
        );
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
        var person = await server.PersonAsync("Ines Okafor");
        var (status, problem) = await server.PostAsync("/api/shelf", $$"""{"personId":"{{person}}","item":{{item}}}""");
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
    }

    [Fact]
    public async Task A_landing_is_asked_about_by_its_id_and_keeps_its_trust()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
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
                personId = person,
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
    public async Task An_import_is_previewed_takes_only_the_good_rows_when_told_to_and_is_undone_as_one()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        const string Text =
            "code,name,tool,scaleNm,trust\r\nTD-20,New driver,torque-driver,20,marking\r\nTD-3,Renamed,torque-driver,3,generic\r\nTD-21,Wrong,torque-driver,heavy,marking\r\nTD-22,Wrong too,hammer,1,marking\r\n";
        object Body(bool onlyGood) =>
            new
            {
                personId = person,
                text = Text,
                kind = "tool",
                onlyGood,
            };

        var (_, preview) = await server.PostAsync("/api/shelf/imports/preview", Body(false));
        Assert.Equal(
            (1, 1, 2),
            (
                preview.GetProperty("added").GetInt32(),
                preview.GetProperty("changed").GetInt32(),
                preview.GetProperty("bad").GetInt32()
            )
        );
        var wrong = preview.GetProperty("rows")[2];
        Assert.Equal(
            (4, "scaleNm"),
            (wrong.GetProperty("row").GetInt32(), wrong.GetProperty("problems")[0].GetProperty("column").GetString())
        );
        Assert.Contains(
            "2.5",
            wrong.GetProperty("problems")[0].GetProperty("says").GetString(),
            StringComparison.Ordinal
        );

        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await server.PostAsync("/api/shelf/imports", Body(false))).Status
        );
        Assert.Empty(Codes((await server.GetAsync("/api/shelf/tool?q=TD-20")).Json));

        var before = await ExportAsync(server, "shelf.json");
        var (_, done) = await server.PostAsync("/api/shelf/imports", Body(true));
        Assert.Equal(
            (1, 1, 2),
            (
                done.GetProperty("added").GetInt32(),
                done.GetProperty("changed").GetInt32(),
                done.GetProperty("leftOut").GetInt32()
            )
        );
        Assert.NotEqual(before, await ExportAsync(server, "shelf.json"));
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await server.PostAsync($"/api/shelf/changes/{done.GetProperty("batch").GetGuid()}/undo", "{}")).Status
        );
        Assert.Equal(before, await ExportAsync(server, "shelf.json"));
    }

    [Fact]
    public async Task Export_then_import_changes_nothing_and_fills_an_empty_shelf_alike()
    {
        await using var from = await RunningServer.StartAsync();
        await using var to = await RunningServer.StartAsync();
        var person = await to.PersonAsync("Tomasz Varga");
        foreach (var kind in Kinds)
        {
            foreach (
                var entry in (await to.GetAsync($"/api/shelf/{kind}?limit=200"))
                    .Json.GetProperty("items")
                    .EnumerateArray()
                    .ToList()
            )
            {
                await Send(
                    to,
                    HttpMethod.Delete,
                    $"/api/shelf/items/{entry.GetProperty("id").GetString()}?personId={person}",
                    "\"1\"",
                    null
                );
            }

            var text = await ExportAsync(from, $"{kind}.csv");
            var (_, done) = await to.PostAsync(
                "/api/shelf/imports",
                new
                {
                    personId = person,
                    text,
                    kind,
                }
            );
            Assert.True(done.GetProperty("added").GetInt32() > 0);
        }

        var json = await ExportAsync(from, "shelf.json");
        Assert.Equal(json, await ExportAsync(to, "shelf.json"));
        var (_, preview) = await from.PostAsync("/api/shelf/imports/preview", new { personId = person, text = json });
        Assert.Equal(
            (0, 0, 0),
            (
                preview.GetProperty("added").GetInt32(),
                preview.GetProperty("changed").GetInt32(),
                preview.GetProperty("bad").GetInt32()
            )
        );
    }

    [Theory]
    [InlineData("tool", "code,name,colour\r\nx,y,red", "colour")]
    [InlineData("tool", "code,name,tool\nx,y,hammer\n", "tool")]
    [InlineData("tool", "", null)]
    [InlineData(null, "not json", null)]
    [InlineData(null, "{\"format\":\"other\",\"items\":[]}", null)]
    [InlineData("landing", "code,name,landingKind,screw\r\nx,y,lever,#8", "screw")]
    [InlineData("conductor", "code,name,size,build\r\nx,y,14 AWG,solid\r\nx,z,12 AWG,solid", "code")]
    public async Task A_file_that_is_wrong_is_said_to_be_by_column(string? kind, string text, string? column)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, preview) = await server.PostAsync(
            "/api/shelf/imports/preview",
            new
            {
                personId = Guid.NewGuid(),
                text,
                kind,
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var problem = preview
            .GetProperty("rows")
            .EnumerateArray()
            .SelectMany(r => r.GetProperty("problems").EnumerateArray())
            .First();
        Assert.Equal(column, problem.GetProperty("column").GetString());
        Assert.EndsWith(".", problem.GetProperty("says").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_tool_whose_calibration_ended_says_so()
    {
        await using var server = await RunningServer.StartAsync();
        server.Time.AdjustTime(new(2027, 8, 1, 0, 0, 0, TimeSpan.Zero));
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

    [Fact]
    public void The_published_schema_is_the_one_that_is_read()
    {
        var published = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "shelf.schema.json"));
        Assert.Equal(
            ShelfDocument.Schema().ToJsonString(new JsonSerializerOptions(Json.Options) { WriteIndented = true }),
            published.TrimEnd()
        );
    }

    private static async Task<string> ExportAsync(RunningServer server, string file) =>
        await server.Client.GetStringAsync(new Uri($"/api/shelf/export/{file}", UriKind.Relative));

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
