using Lacet.Core.DeadChecks;
using Lacet.Core.People;

namespace Lacet.Web.Tests;

/// <summary>A job with a panel of two lines and a neutral, and a crew that makes it dead.</summary>
internal sealed class DeadBench : IAsyncDisposable
{
    private static readonly string[] Others =
    [
        .. Enum.GetValues<SourceKind>().Where(k => k != SourceKind.Feed).Select(Word),
    ];

    private DeadBench(JobBench bench) => Bench = bench;

    internal JobBench Bench { get; }

    internal RunningServer Server => Bench.Server;

    internal Guid Job { get; private set; }

    internal Guid Panel { get; private set; }

    /// <summary>A wire whose end A is in the panel.</summary>
    internal Guid Wire { get; private set; }

    /// <summary>Electricians.</summary>
    internal Guid Cleo { get; private set; }

    internal Guid Dov { get; private set; }

    internal string Address => $"/api/jobs/{Job}/enclosures/{Panel}/dead";

    internal static object Isolation(string? number = "D-7", params string[] forgotten) =>
        new
        {
            kind = "isolation",
            sources = new[]
            {
                new
                {
                    id = Guid.Parse("0193b2a0-0000-7000-8000-000000000001"),
                    kind = "feed",
                    name = "LP/Q3",
                    @lock = number,
                },
            },
            absent = Others.Except(forgotten),
        };

    internal static async Task<DeadBench> StartAsync()
    {
        var bench = new DeadBench(await JobBench.StartAsync());
        bench.Job = await bench.Bench.JobAsync();
        bench.Cleo = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        bench.Dov = await bench.Server.PersonAsync("Dov", Role.Electrician);
        await bench.Server.PersonAsync("Ada");
        await bench.Bench.TypeAsync(
            bench.Job,
            Row("1", "X1:1", "line"),
            Row("2", "X1:2", "line"),
            Row("3", "X1:3", "neutral"),
            Row("4", "X1:4", "earth")
        );
        var wires = await bench.Bench.WiresAsync(bench.Job);
        bench.Wire = JobBench.Id(wires[0]);
        bench.Panel = (await bench.Server.GetAsync($"/api/jobs/{bench.Job}"))
            .Json.GetProperty("enclosures")
            .EnumerateArray()
            .Select(e => e.GetProperty("part"))
            .First(e => e.GetProperty("name").GetString() == "DCP")
            .GetProperty("id")
            .GetGuid();
        return bench;

        static object Row(string name, string from, string function) =>
            new
            {
                name,
                from,
                fromLanding = "push-in",
                to = $"OUT:{name}",
                size = "2.5 fine",
                function,
            };
    }

    internal Task<JsonElement> ReadAsync() => ReadAsync(Cleo);

    internal async Task<JsonElement> ReadAsync(Guid person)
    {
        using var response = await Server.BrowserOf(person).Http.GetAsync(new Uri(Address, UriKind.Relative));
        return await response.Content.ReadFromJsonAsync<JsonElement>();
    }

    internal async Task<string?> StateAsync() =>
        (await ReadAsync()).GetProperty("told").GetProperty("state").GetString();

    internal Task<(HttpStatusCode Status, JsonElement Json)> DoAsync(Guid person, object deed, Guid? id = null) =>
        Server.PostAsAsync(
            person,
            Address,
            new
            {
                id = id ?? Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = Server.Time.GetUtcNow(),
                deed,
            }
        );

    /// <summary>Throws where it was refused.</summary>
    internal async Task<JsonElement> DoneAsync(Guid person, object deed)
    {
        var (status, json) = await DoAsync(person, deed);
        Assert.True(status == HttpStatusCode.OK, $"{status} {json}");
        return json;
    }

    internal static object LockOn(string number) => new { kind = "lock-on", @lock = number };

    internal static object LockOff(Guid? owner = null, bool ownerKnows = false) =>
        new
        {
            kind = "lock-off",
            owner,
            ownerKnows,
        };

    internal static object Kind(string kind) => new { kind };

    /// <summary>A proof of every pair that is asked for; of all but the last few, or with a voltage in the first.</summary>
    internal async Task<object> ProofAsync(int without = 0, double? volts = null, bool before = true, bool after = true)
    {
        var pairs = (await ReadAsync()).GetProperty("pairs").EnumerateArray().ToList();
        return new
        {
            kind = "proved-dead",
            proof = new
            {
                instrument = "two-pole-tester",
                name = "Tester 4",
                provedOn = "proving unit 2",
                before,
                after,
                readings = pairs
                    .SkipLast(without)
                    .Select(
                        (p, i) =>
                            new
                            {
                                from = p.GetProperty("from").GetGuid(),
                                to = p.GetProperty("to").ValueKind == JsonValueKind.Null
                                    ? (Guid?)null
                                    : p.GetProperty("to").GetGuid(),
                                volts = i == 0 ? volts : null,
                            }
                    ),
                simulated = false,
            },
        };
    }

    /// <summary>Proved dead by Cleo, with her lock and Dov’s on it.</summary>
    internal async Task ProvedAsync()
    {
        await DoneAsync(Cleo, Isolation());
        await DoneAsync(Cleo, LockOn("11"));
        await DoneAsync(Dov, LockOn("12"));
        await DoneAsync(Cleo, await ProofAsync());
    }

    public ValueTask DisposeAsync() => Bench.DisposeAsync();

    private static string Word(SourceKind kind) => JsonNamingPolicy.KebabCaseLower.ConvertName(kind.ToString());
}
