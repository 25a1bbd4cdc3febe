namespace Lacet.Web.Tests;

/// <summary>Cables and cords of a job, over HTTP: brought by a list, put in with their wires, and taken out.</summary>
public sealed class CableApiTests
{
    private const string List =
        "Wire;Cable no;From;From type;To;To type;Type\r\n1;W5;DCP/X1:1;spring cage;JB1/X1:1;spring cage;3G1.5 H07RN-F\r\n2;W5;DCP/X1:2;spring cage;JB1/X1:2;spring cage;3G1.5 H07RN-F\r\n";

    /// <summary>Reach and strip, two reworks of both, less 1/4 in under the clamp: as the entry of one end computes it.</summary>
    [Fact]
    public async Task A_cable_is_shown_with_its_conductors_and_the_work_at_its_ends()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, row) = await ImportedAsync(bench);
        Assert.Equal(
            ("3 × 1.5 mm² fine-stranded copper H07RN-F, one of them earth", 3, 2, true),
            (
                row.GetProperty("make").GetString(),
                row.GetProperty("conductors").GetInt32(),
                row.GetProperty("wires").GetArrayLength(),
                row.GetProperty("isCord").GetBoolean()
            )
        );
        // Two are listed, and neither is said to be the earth.
        Assert.Equal(
            "note",
            Assert.Single(row.GetProperty("findings").EnumerateArray()).GetProperty("severity").GetString()
        );
        var cable = row.GetProperty("cable");
        var dcp = row.GetProperty("entries")
            .EnumerateArray()
            .Single(e => e.GetProperty("enclosure").GetString() == "DCP");
        Assert.Equal(JsonValueKind.Null, dcp.GetProperty("jacketOff").ValueKind);

        var (status, _) = await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "cable",
                    id = cable.GetProperty("id").GetGuid(),
                    name = "W5",
                    conductor = cable.GetProperty("conductor"),
                    count = 3,
                    earth = "among",
                    jacketDiameterMm = 10.5,
                    reaches = new[] { new { enclosureId = dcp.GetProperty("enclosureId").GetGuid(), reachMm = 300 } },
                },
                version = row.GetProperty("version").GetInt64(),
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        row = Assert.Single(await CablesAsync(bench, job));
        dcp = row.GetProperty("entries")[0];
        Assert.Equal("M20", row.GetProperty("gland").GetString());
        Assert.InRange(dcp.GetProperty("jacketOff").GetProperty("value").GetDouble(), 300, 400);
        Assert.Equal(2, dcp.GetProperty("landed").GetInt32());

        // What one of its ends says of the jacket is the same.
        var wire = row.GetProperty("wires")[0].GetProperty("wire").GetProperty("id").GetGuid();
        var (_, end) = await bench.Server.GetAsync($"/api/jobs/{job}/wires/{wire}/ends/a");
        Assert.Contains(
            "once for the 2 conductors of W5",
            end.GetProperty("recipe").GetProperty("steps").ToString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_cable_goes_only_with_its_wires_let_go_and_a_refusal_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, row) = await ImportedAsync(bench);
        var id = row.GetProperty("cable").GetProperty("id").GetGuid();
        object remove = new { remove = id, version = row.GetProperty("version").GetInt64() };
        var (refused, problem) = await bench.CommandAsync(job, remove);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains("Wires are still in W5", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Single(await CablesAsync(bench, job));

        object Freed(JsonElement wire)
        {
            var part = System.Text.Json.Nodes.JsonNode.Parse(wire.GetProperty("wire").GetRawText())!;
            part["part"] = "wire";
            part["cableId"] = null;
            return new { put = part, version = wire.GetProperty("version").GetInt64() };
        }

        var (done, _) = await bench.CommandAsync(
            job,
            [.. row.GetProperty("wires").EnumerateArray().Select(Freed), remove]
        );
        Assert.Equal(HttpStatusCode.OK, done);
        Assert.Empty(await CablesAsync(bench, job));
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/cables")).Status
        );
    }

    [Fact]
    public async Task A_text_says_what_is_in_a_cable()
    {
        await using var bench = await JobBench.StartAsync();
        var (_, read) = await bench.Server.PostAsync("/api/conductors/read", new { text = "14/2 NM-B" });
        Assert.Equal(
            ["black False", "white False", "bare True"],
            read.GetProperty("cores")
                .EnumerateArray()
                .Select(c =>
                    $"{c.GetProperty("colour").GetProperty("says").GetString()} {c.GetProperty("isEarth").GetBoolean()}"
                )
        );
    }

    private static async Task<(Guid Job, JsonElement Cable)> ImportedAsync(JobBench bench)
    {
        var preview = await bench.PreviewAsync(List);
        Assert.Equal(1, preview.GetProperty("preview").GetProperty("cables").GetInt32());
        var (_, accepted) = await bench.AcceptAsync(preview, new { jobName = "P" });
        var job = accepted.GetProperty("jobId").GetGuid();
        return (job, Assert.Single(await CablesAsync(bench, job)));
    }

    private static async Task<List<JsonElement>> CablesAsync(JobBench bench, Guid job)
    {
        var (_, page) = await bench.Server.GetAsync($"/api/jobs/{job}/cables");
        return [.. page.GetProperty("items").EnumerateArray()];
    }
}
