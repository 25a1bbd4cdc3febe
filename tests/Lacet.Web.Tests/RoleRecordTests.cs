using Lacet.Core.People;

namespace Lacet.Web.Tests;

/// <summary>Who records, checks and signs, and for whom.</summary>
public sealed class RoleRecordTests
{
    [Fact]
    public async Task An_apprentice_records_under_a_supervisor_by_name_and_the_event_holds_both()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        var electrician = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        var inspector = await bench.Server.PersonAsync("Dev", Role.Inspector);
        var apprentice = await bench.Server.PersonAsync("Eli", Role.Apprentice);
        var (status, problem) = await bench.RecordAsync(job, wire, "termination", apprentice);
        Assert.Equal(HttpStatusCode.Forbidden, status);
        Assert.Equal("Say who supervises you today, before you record.", problem.GetProperty("detail").GetString());
        Assert.Equal(0, await bench.Server.EventsAsync());

        Assert.Equal(HttpStatusCode.UnprocessableEntity, await SuperviseAsync(bench, apprentice, inspector));
        Assert.Equal(HttpStatusCode.OK, await SuperviseAsync(bench, apprentice, electrician));
        var (recorded, item) = await bench.RecordAsync(job, wire, "termination", apprentice);
        Assert.Equal(HttpStatusCode.Created, recorded);
        Assert.Equal("Eli", item.GetProperty("person").GetProperty("name").GetString());
        Assert.Equal("apprentice", item.GetProperty("role").GetString());
        Assert.Equal("Cleo", item.GetProperty("supervisor").GetProperty("name").GetString());

        // In the sealed bytes too, and the chain is whole with them.
        using var export = await bench.Server.Client.GetAsync(new Uri("/api/records/export.json", UriKind.Relative));
        var kept = (await export.Content.ReadFromJsonAsync<JsonElement>())
            .GetProperty("events")[0]
            .GetProperty("event");
        Assert.Equal("apprentice", kept.GetProperty("role").GetString());
        Assert.Equal(electrician, kept.GetProperty("supervisor").GetProperty("id").GetGuid());
        Assert.True((await bench.Server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    /// <summary>Only to an apprentice under supervision it is said who looks again: at the Bench and at an end.</summary>
    [Fact]
    public async Task The_apprentice_s_sentence_shows_to_an_apprentice_under_supervision_alone()
    {
        const string sentence = "Another person looks at it before it is signed for.";
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        var electrician = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        var apprentice = await bench.Server.PersonAsync("Eli", Role.Apprentice);
        async Task<(bool AtBench, bool AtEnd)> Shows(Guid person)
        {
            var browser = bench.Server.BrowserOf(person);
            using var asked = new StringContent(Requests.Block, System.Text.Encoding.UTF8, "application/json");
            using var recipe = await browser.Http.PostAsync(new Uri("/api/bench/recipe", UriKind.Relative), asked);
            var end = await browser.Http.GetStringAsync(
                new Uri($"/api/jobs/{job}/wires/{wire}/ends/a", UriKind.Relative)
            );
            return (
                (await recipe.Content.ReadAsStringAsync()).Contains(sentence, StringComparison.Ordinal),
                end.Contains(sentence, StringComparison.Ordinal)
            );
        }

        Assert.Equal((false, false), await Shows(electrician));
        Assert.Equal((false, false), await Shows(apprentice));
        await SuperviseAsync(bench, apprentice, electrician);
        Assert.Equal((true, true), await Shows(apprentice));
    }

    [Fact]
    public async Task A_supervisor_whose_qualification_ended_is_none_and_signs_for_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        var electrician = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        var inspector = await bench.Server.PersonAsync("Dev", Role.Inspector);
        var apprentice = await bench.Server.PersonAsync("Eli", Role.Apprentice);
        foreach (var (person, role) in new[] { (electrician, "electrician"), (inspector, "inspector") })
        {
            using var changed = await bench
                .Server.BrowserOf(bench.Ada)
                .Http.PutAsJsonAsync(
                    new Uri($"/api/people/{person}", UriKind.Relative),
                    new { role, qualifiedUntil = "2026-11-19" }
                );
            changed.EnsureSuccessStatusCode();
        }

        Assert.Equal(HttpStatusCode.UnprocessableEntity, await SuperviseAsync(bench, apprentice, electrician));
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        var (status, problem) = await bench.RecordAsync(job, wire, "sign-off", inspector);
        Assert.Equal(HttpStatusCode.Forbidden, status);
        Assert.StartsWith(
            "Your qualification has ended.",
            problem.GetProperty("detail").GetString(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData(Role.Lead, "termination", true)]
    [InlineData(Role.Electrician, "termination", true)]
    [InlineData(Role.Inspector, "termination", false)]
    [InlineData(Role.Lead, "check", true)]
    [InlineData(Role.Electrician, "check", true)]
    [InlineData(Role.Apprentice, "check", false)]
    [InlineData(Role.Inspector, "check", true)]
    [InlineData(Role.Lead, "sign-off", true)]
    [InlineData(Role.Electrician, "sign-off", false)]
    [InlineData(Role.Apprentice, "sign-off", false)]
    [InlineData(Role.Inspector, "sign-off", true)]
    public async Task Who_may_record_check_and_sign(Role role, string kind, bool may)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        var before = await bench.Server.EventsAsync();
        var person = await bench.Server.PersonAsync("Cleo", role);
        var (status, _) = await bench.RecordAsync(job, wire, kind, person);
        Assert.Equal(may ? HttpStatusCode.Created : HttpStatusCode.Forbidden, status);
        Assert.Equal(before + (may ? 1 : 0), await bench.Server.EventsAsync());
    }

    [Theory]
    [InlineData("check", "Somebody other than who landed it checks it.")]
    [InlineData("sign-off", "Somebody other than who landed it signs for it.")]
    public async Task Nobody_checks_or_signs_for_their_own_work(string kind, string says)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        var (status, problem) = await bench.RecordAsync(job, wire, kind, bench.Ada);
        Assert.Equal((HttpStatusCode.Forbidden, says), (status, problem.GetProperty("detail").GetString()));
        Assert.Equal(HttpStatusCode.Created, (await bench.RecordAsync(job, wire, kind, bench.Bo)).Status);
    }

    [Fact]
    public async Task Only_whoever_recorded_something_or_a_lead_takes_it_back()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        var electrician = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        var other = await bench.Server.PersonAsync("Dev", Role.Electrician);
        var id = Guid.NewGuid();
        await bench.RecordAsync(job, wire, "termination", electrician, id);
        var withdrawal = Requests.Withdrawal(id);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await bench.Server.PostAsAsync(other, "/api/records", withdrawal)).Status
        );
        Assert.Equal(1, await bench.Server.EventsAsync());
        Assert.Equal(
            HttpStatusCode.Created,
            (await bench.Server.PostAsAsync(bench.Ada, "/api/records", withdrawal)).Status
        );
        // The same, sent by another, is not the same.
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.Server.PostAsAsync(electrician, "/api/records", withdrawal)).Status
        );
    }

    /// <summary>What was found with a meter is whoever records’s to keep; the rest of a job is its lead’s.</summary>
    [Fact]
    public async Task An_electrician_keeps_what_was_found_and_undoes_it_and_changes_nothing_else()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await LandingAsync(bench);
        var electrician = await bench.Server.PersonAsync("Cleo", Role.Electrician);
        var command = Guid.NewGuid();
        var found = await bench.Server.PostAsAsync(
            electrician,
            $"/api/jobs/{job}/commands",
            new
            {
                id = command,
                changes = new[]
                {
                    new
                    {
                        put = new
                        {
                            part = "cord",
                            id = Guid.NewGuid(),
                            order = 1,
                            name = "Lamp",
                        },
                    },
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, found.Status);
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (
                await bench.Server.PostAsAsync(
                    electrician,
                    $"/api/jobs/{job}/commands",
                    new { id = Guid.NewGuid(), changes = new[] { new { remove = wire, version = 1 } } }
                )
            ).Status
        );
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.Server.PostAsAsync(
                    electrician,
                    $"/api/jobs/{job}/commands/{command}/undo",
                    new { id = Guid.NewGuid() }
                )
            ).Status
        );
        var (_, commands) = await bench.Server.GetAsync($"/api/jobs/{job}/commands");
        var typed = commands
            .GetProperty("items")
            .EnumerateArray()
            .Single(c => c.GetProperty("says").GetString()!.StartsWith("Imported", StringComparison.Ordinal))
            .GetProperty("id")
            .GetGuid();
        Assert.Equal(
            HttpStatusCode.Forbidden,
            (
                await bench.Server.PostAsAsync(
                    electrician,
                    $"/api/jobs/{job}/commands/{typed}/undo",
                    new { id = Guid.NewGuid() }
                )
            ).Status
        );
    }

    private static async Task<(Guid Job, Guid Wire)> LandingAsync(JobBench bench)
    {
        var (_, taken) = await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" });
        var job = taken.GetProperty("jobId").GetGuid();
        return (job, JobBench.Id((await bench.WiresAsync(job))[0]));
    }

    private static async Task<HttpStatusCode> SuperviseAsync(JobBench bench, Guid apprentice, Guid supervisor)
    {
        using var response = await bench
            .Server.BrowserOf(apprentice)
            .Http.PutAsJsonAsync(new Uri("/api/session/supervisor", UriKind.Relative), new { personId = supervisor });
        return response.StatusCode;
    }
}
