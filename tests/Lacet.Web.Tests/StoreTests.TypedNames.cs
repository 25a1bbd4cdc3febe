using Lacet.Core.People;
using Lacet.Workshop.People;

namespace Lacet.Web.Tests;

public sealed partial class StoreTests
{
    /// <summary>
    /// What the first stage kept stands under names that were only typed. A lead’s word joins one to a person, as an event
    /// in the same chain; taken back, it is nobody’s again.
    /// </summary>
    [Fact]
    public async Task A_typed_name_is_joined_to_a_person_by_a_lead_s_word_as_an_event()
    {
        await using var server = await RunningServer.StartAsync(Copy("stage-1"));
        var lead = await server.PersonAsync("Mara Quist");
        var other = await server.PersonAsync("Tomasz Varga", Role.Electrician);
        await server.PersonAsync("Mara Quist");
        var typed = (await server.GetAsync("/api/people/typed")).Json.EnumerateArray().ToList();
        var name = typed[0].GetProperty("id").GetGuid();
        Assert.All(typed, t => Assert.Equal(JsonValueKind.Null, t.GetProperty("person").ValueKind));
        var events = await server.EventsAsync();

        var word = Word(other);
        var address = $"/api/people/typed/{name}/person";
        Assert.Equal(HttpStatusCode.Forbidden, (await server.PostAsAsync(other, address, word)).Status);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await server.PostAsync($"/api/people/typed/{lead}/person", word)).Status
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await server.PostAsync(address, word with { PersonId = name })).Status
        );
        Assert.Equal(events, await server.EventsAsync());

        // Sent twice it is there once.
        Assert.Equal(HttpStatusCode.OK, (await server.PostAsync(address, word)).Status);
        Assert.Equal(HttpStatusCode.OK, (await server.PostAsync(address, word)).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await server.PostAsync(address, word with { PersonId = lead })).Status);
        Assert.Equal(events + 1, await server.EventsAsync());
        Assert.True((await server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
        Assert.Equal("Tomasz Varga", await WhoseAsync());

        var (withdrawn, _) = await server.PostAsync(
            "/api/records",
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 2,
                claimedAt = RunningServer.Now,
                kind = "withdrawal",
                corrects = word.Id,
            }
        );
        Assert.Equal(HttpStatusCode.Created, withdrawn);
        Assert.Null(await WhoseAsync());

        async Task<string?> WhoseAsync() =>
            (await server.GetAsync("/api/records?limit=200"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .Select(i => i.GetProperty("person"))
                .First(p => p.GetProperty("id").GetGuid() == name)
                .GetProperty("joinedTo")
                .GetString();
    }

    /// <summary>Whoever landed an end under a name that was only typed does not check it under their own.</summary>
    [Fact]
    public async Task A_joined_name_s_work_is_its_person_s_own()
    {
        await using var server = await RunningServer.StartAsync(Copy("stage-3"), signedIn: false);
        var lead = await server.PersonAsync("Mara Quist");
        var events = (await server.GetAsync("/api/records?limit=200")).Json.GetProperty("items").EnumerateArray();
        var typed = (await server.GetAsync("/api/people/typed"))
            .Json.EnumerateArray()
            .Select(t => t.GetProperty("id").GetGuid())
            .ToHashSet();
        var landed = events.First(e =>
            e.GetProperty("state").GetString() == "landed"
            && e.GetProperty("subject").GetProperty("end").ValueKind == JsonValueKind.String
            && typed.Contains(e.GetProperty("person").GetProperty("id").GetGuid())
        );
        var (by, subject) = (landed.GetProperty("person").GetProperty("id").GetGuid(), landed.GetProperty("subject"));
        var (joined, _) = await server.PostAsync($"/api/people/typed/{by}/person", Word(lead));
        Assert.Equal(HttpStatusCode.OK, joined);
        var job = subject.GetProperty("job").GetGuid();
        var wire = subject.GetProperty("wire").GetGuid();
        var row = (await server.GetAsync($"/api/jobs/{job}/wires?limit=1000"))
            .Json.GetProperty("items")
            .EnumerateArray()
            .Single(w => JobBench.Id(w) == wire);
        var isA =
            row.GetProperty("wire").GetProperty("a").GetProperty("id").GetGuid()
            == subject.GetProperty("end").GetGuid();
        var (status, problem) = await server.PostAsync(
            "/api/records",
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 2,
                claimedAt = RunningServer.Now,
                kind = "check",
                subject = new
                {
                    jobId = job,
                    wireId = wire,
                    side = isA ? "a" : "b",
                },
            }
        );
        Assert.Equal(
            (HttpStatusCode.Forbidden, "Somebody other than who landed it checks it."),
            (status, problem.GetProperty("detail").GetString())
        );
    }

    private static JoinName Word(Guid person) => new(Guid.NewGuid(), "t", 1, RunningServer.Now, person);
}
