using System.Text;
using Lacet.Exchange;
using Lacet.Exchange.Shelf;

namespace Lacet.Web.Tests;

public sealed partial class ShelfTests
{
    [Fact]
    public async Task An_import_is_previewed_takes_only_the_good_rows_when_told_to_and_is_undone_as_one()
    {
        await using var server = await RunningServer.StartAsync();
        const string Text =
            "code,name,tool,scaleNm,trust\r\nTD-20,New driver,torque-driver,20,marking\r\nTD-3,Renamed,torque-driver,3,generic\r\nTD-21,Wrong,torque-driver,heavy,marking\r\nTD-22,Wrong too,hammer,1,marking\r\n";
        object Body(bool onlyGood) =>
            new
            {
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
        await to.PersonAsync("Tomasz Varga");
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
                    $"/api/shelf/items/{entry.GetProperty("id").GetString()}",
                    "\"1\"",
                    null
                );
            }

            var text = await ExportAsync(from, $"{kind}.csv");
            var (_, done) = await to.PostAsync("/api/shelf/imports", new { text, kind });
            Assert.True(done.GetProperty("added").GetInt32() > 0);
        }

        var json = await ExportAsync(from, "shelf.json");
        Assert.Equal(json, await ExportAsync(to, "shelf.json"));
        var (_, preview) = await from.PostAsync("/api/shelf/imports/preview", new { text = json });
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
    [InlineData("device", "code,name,type,inside\nx,y,relay,contact 13\n", "inside")]
    [InlineData("tool", "", null)]
    [InlineData(null, "not json", null)]
    [InlineData(null, "{\"format\":\"other\",\"items\":[]}", null)]
    [InlineData("landing", "code,name,landingKind,screw\r\nx,y,lever,#8", "screw")]
    [InlineData("conductor", "code,name,size,build\r\nx,y,14 AWG,solid\r\nx,z,12 AWG,solid", "code")]
    public async Task A_file_that_is_wrong_is_said_to_be_by_column(string? kind, string text, string? column)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, preview) = await server.PostAsync("/api/shelf/imports/preview", new { text, kind });
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
}
