using System.Text;
using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>A server with two leads, of whom Ada is signed in, and short ways to ask it.</summary>
internal sealed class JobBench : IAsyncDisposable
{
    /// <summary>Two wires of one circuit in one panel.</summary>
    internal const string List =
        "Wire;From;From type;To;To type;Size;Colour;Circuit;Breaker\r\n1;DCP/X1:1;spring cage;DCP/X2:1;push-in;2.5 fine;black;C1;16\r\n2;DCP/X1:2;spring cage;DCP/X2:2;push-in;2.5 fine;black;C1;16\r\n";

    private JobBench(RunningServer server, Guid ada, Guid bo) => (Server, Ada, Bo) = (server, ada, bo);

    internal RunningServer Server { get; }

    internal Guid Ada { get; }

    internal Guid Bo { get; }

    internal static async Task<JobBench> StartAsync(bool realTime = false)
    {
        var server = await RunningServer.StartAsync(realTime: realTime);
        var (bo, ada) = (await server.PersonAsync("Bo"), await server.PersonAsync("Ada"));
        return new(server, ada, bo);
    }

    public ValueTask DisposeAsync() => Server.DisposeAsync();

    internal async Task<Guid> JobAsync(string purpose = "work")
    {
        var id = Guid.NewGuid();
        await Server.PostAsync(
            "/api/jobs",
            new
            {
                id,
                name = "Dome",
                purpose,
            }
        );
        return id;
    }

    internal Task<(HttpStatusCode Status, JsonElement Json)> TypeAsync(Guid job, params object[] rows) =>
        Server.PostAsync(
            $"/api/jobs/{job}/wires",
            new
            {
                id = Guid.NewGuid(),
                rows,
                enclosure = "DCP",
            }
        );

    internal Task<(HttpStatusCode Status, JsonElement Json)> CommandAsync(Guid job, params object[] changes) =>
        Server.PostAsync($"/api/jobs/{job}/commands", new { id = Guid.NewGuid(), changes });

    /// <summary>Records at end A of a wire.</summary>
    internal Task<(HttpStatusCode Status, JsonElement Json)> RecordAsync(
        Guid job,
        Guid wire,
        string kind,
        Guid person,
        Guid? id = null
    ) =>
        Server.PostAsAsync(
            person,
            "/api/records",
            new
            {
                id = id ?? Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = RunningServer.Now,
                kind,
                subject = new
                {
                    jobId = job,
                    wireId = wire,
                    side = "a",
                },
                tightening = kind == "termination" ? new { method = "seated" } : null,
            }
        );

    internal async Task<List<JsonElement>> WiresAsync(Guid job) =>
        [.. (await Server.GetAsync($"/api/jobs/{job}/wires")).Json.GetProperty("items").EnumerateArray()];

    internal async Task<List<JsonElement>> FindingsAsync(Guid job) =>
        [.. (await Server.GetAsync($"/api/jobs/{job}/findings")).Json.GetProperty("items").EnumerateArray()];

    internal async Task<List<string?>> NamesAsync() =>
        [
            .. (await Server.GetAsync("/api/jobs"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .Select(j => j.GetProperty("summary").GetProperty("name").GetString()),
        ];

    internal async Task<JsonElement> PreviewAsync(string text, Guid? job = null) =>
        (await PreviewAsync(Encoding.UTF8.GetBytes(text), job)).Json;

    internal async Task<(HttpStatusCode Status, JsonElement Json)> PreviewAsync(byte[] file, Guid? job = null) =>
        await WhenReadAsync(await SendAsync($"/api/jobs/import/preview{(job is null ? "" : $"?jobId={job}")}", file));

    /// <summary>Says something of an import, and waits for what it is then.</summary>
    internal async Task<(HttpStatusCode Status, JsonElement Json)> ChangeImportAsync(Guid import, object settings) =>
        await WhenReadAsync(await PutAsync($"/api/jobs/import/{import}", settings));

    /// <summary>A list that is still being read is asked for again: a busy machine reads slowly.</summary>
    internal async Task<(HttpStatusCode Status, JsonElement Json)> WhenReadAsync(
        (HttpStatusCode Status, JsonElement Json) answer
    )
    {
        while (
            answer is { Status: HttpStatusCode.OK, Json.ValueKind: JsonValueKind.Object }
            && string.Equals(answer.Json.GetProperty("state").GetString(), "reading", StringComparison.Ordinal)
        )
        {
            await Task.Delay(50);
            answer = await Server.GetAsync($"/api/jobs/import/{answer.Json.GetProperty("id").GetGuid()}");
            // The same refusal, told late.
            if (answer.Json.TryGetProperty("refusal", out var refusal) && refusal.ValueKind == JsonValueKind.String)
            {
                return (
                    HttpStatusCode.UnprocessableEntity,
                    JsonSerializer.SerializeToElement(new { detail = refusal.GetString() })
                );
            }
        }

        return answer;
    }

    internal Task<(HttpStatusCode Status, JsonElement Json)> AcceptAsync(JsonElement preview, object more)
    {
        var body = JsonSerializer.SerializeToNode(more)!;
        body["id"] = Guid.NewGuid();
        return Server.PostAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept", body.ToJsonString());
    }

    internal async Task<(HttpStatusCode Status, JsonElement Json)> SendAsync(
        string address,
        byte[] bytes,
        string type = "application/octet-stream"
    )
    {
        using var content = new ByteArrayContent(bytes);
        content.Headers.ContentType = new(type);
        using var response = await Server.Client.PostAsync(new Uri(address, UriKind.Relative), content);
        return (response.StatusCode, await response.Content.ReadFromJsonAsync<JsonElement>());
    }

    internal async Task<(HttpStatusCode Status, JsonElement Json)> PutAsync(string address, object body)
    {
        using var response = await Server.Client.PutAsJsonAsync(
            new Uri(address, UriKind.Relative),
            body,
            Exchange.Json.Options
        );
        return (response.StatusCode, await response.Content.ReadFromJsonAsync<JsonElement>());
    }

    internal async Task DeleteAsync(string address) =>
        (await Server.Client.DeleteAsync(new Uri(address, UriKind.Relative))).EnsureSuccessStatusCode();

    internal static Guid Id(JsonElement row) => row.GetProperty("wire").GetProperty("id").GetGuid();

    /// <summary>The wire of a row, changed, as a part of a command.</summary>
    internal static JsonNode Part(JsonElement row, Action<JsonNode> change)
    {
        var part = JsonNode.Parse(row.GetProperty("wire").GetRawText())!;
        part["part"] = "wire";
        change(part);
        return part;
    }
}
