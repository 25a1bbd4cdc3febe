namespace Lacet.Web.Tests;

/// <summary>Told only of changes, a page comes to the board that a fresh start would draw.</summary>
public sealed class KeptBoardTests
{
    [Fact]
    public async Task Answers_of_changes_add_up_to_the_board_after_a_new_start()
    {
        string folder,
            address;
        Dictionary<string, string> devices = [],
            wires = [];
        {
            await using var bench = await JobBench.StartAsync();
            folder = bench.Server.Folder;
            var job = await bench.JobAsync();
            await bench.TypeAsync(
                job,
                [
                    .. Enumerable
                        .Range(1, 12)
                        .Select(i =>
                            (object)
                                new
                                {
                                    name = $"{i}",
                                    from = $"DCP/X{(i % 3) + 1}:{i}",
                                    fromLanding = "push-in",
                                    to = $"DCP/Y{(i % 2) + 1}:{i}",
                                    toLanding = "push-in",
                                    size = "2,5 fine",
                                    colour = "blue",
                                }
                        ),
                ]
            );
            var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
                .Json.GetProperty("enclosures")[0]
                .GetProperty("part")
                .GetProperty("id")
                .GetGuid();
            address = $"/api/jobs/{job}/boards/{enclosure}";
            var mark = Take((await bench.Server.GetAsync(address)).Json);
            foreach (
                var edit in new (string Wire, object Cells)[]
                {
                    ("3", new { colour = "red" }),
                    ("5", new { size = "35 fine" }),
                    ("7", new { to = "DCP/X1:3" }),
                    ("9", new { function = "earth", colour = "black" }),
                    ("7", new { to = "DCP/Y2:7" }),
                    ("1", new { from = "DCP/X3:2" }),
                }
            )
            {
                var row = (await bench.WiresAsync(job)).Single(w =>
                    w.GetProperty("wire").GetProperty("name").GetString() == edit.Wire
                );
                var cells = System.Text.Json.Nodes.JsonNode.Parse(JsonSerializer.Serialize(edit.Cells))!.AsObject();
                cells["wireId"] = JobBench.Id(row);
                cells["version"] = row.GetProperty("version").GetInt64();
                var (status, answer) = await bench.TypeAsync(job, cells);
                Assert.True(status == HttpStatusCode.OK, answer.GetRawText());
                mark = Take((await bench.Server.GetAsync($"{address}?since={mark}")).Json);
            }

            // Something recorded, and a wire taken out.
            var all = await bench.WiresAsync(job);
            await bench.RecordAsync(job, JobBench.Id(all[1]), "termination", bench.Ada);
            await bench.CommandAsync(
                job,
                new { remove = JobBench.Id(all[10]), version = all[10].GetProperty("version").GetInt64() }
            );
            Take((await bench.Server.GetAsync($"{address}?since={mark}")).Json);
        }

        await using var again = await RunningServer.StartAsync(folder);
        var (_, fresh) = await again.GetAsync(address);
        var (toldDevices, toldWires) = (devices, wires);
        (devices, wires) = ([], []);
        Take(fresh);
        Assert.Equal(devices, toldDevices);
        Assert.Equal(wires, toldWires);

        string Take(JsonElement answer)
        {
            foreach (
                var device in answer
                    .GetProperty("rails")
                    .EnumerateArray()
                    .SelectMany(r => r.GetProperty("devices").EnumerateArray())
                    .Where(d => d.ValueKind != JsonValueKind.Null)
            )
            {
                devices[device.GetProperty("name").GetString()!] = device.GetRawText();
            }

            foreach (var wire in answer.GetProperty("wires").EnumerateArray())
            {
                wires[wire.GetProperty("id").GetString()!] = wire.GetRawText();
            }

            foreach (var gone in answer.GetProperty("gone").EnumerateArray())
            {
                wires.Remove(gone.GetString()!);
            }

            return answer.GetProperty("mark").GetString()!;
        }
    }
}
