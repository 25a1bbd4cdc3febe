using Lacet.Core.People;

namespace Lacet.Web.Tests;

/// <summary>A panel made dead, worked in, and powered again, by several at once.</summary>
public sealed partial class DeadCheckTests
{
    [Fact]
    public async Task From_sources_to_power_every_step_is_an_event_and_work_says_how_it_stood()
    {
        await using var bench = await DeadBench.StartAsync();
        var (_, before) = await bench.Bench.RecordAsync(bench.Job, bench.Wire, "termination", bench.Cleo);
        Assert.Equal("not-proved", before.GetProperty("deadWork").GetString());
        Assert.Equal("Done without proof that it was dead.", before.GetProperty("deadSays").GetString());

        await bench.ProvedAsync();
        Assert.Equal("dead", await bench.StateAsync());
        foreach (var (person, stood) in new[] { (bench.Cleo, "proved"), (bench.Bench.Ada, "without-own-lock") })
        {
            var (_, made) = await bench.Bench.RecordAsync(bench.Job, bench.Wire, "termination", person);
            Assert.Equal(stood, made.GetProperty("deadWork").GetString());
        }

        await bench.DoneAsync(bench.Cleo, DeadBench.LockOff());
        await bench.DoneAsync(bench.Dov, DeadBench.LockOff());
        await bench.DoneAsync(bench.Dov, DeadBench.Kind("energised"));
        Assert.Equal("live", await bench.StateAsync());
        var (_, log) = await bench.Server.GetAsync("/api/records");
        Assert.Equal(
            [
                "DCP: power put back, every lock off.",
                "DCP: own lock off.",
                "DCP: own lock off.",
                null,
                null,
                "DCP: proved dead, 6 readings with Tester 4, proved on proving unit 2 before and after.",
                "DCP: own lock 12 on.",
                "DCP: own lock 11 on.",
                "DCP: LP/Q3 locked with D-7.",
                null,
            ],
            log.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("says").GetString())
        );
        Assert.True((await bench.Server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
        var csv = (
            await bench.Server.Client.GetStringAsync(new Uri("/api/records/export.csv", UriKind.Relative))
        ).Split("\r\n");
        var column = csv[0].Split(',').ToList().IndexOf("Dead");
        Assert.Equal("not-proved", csv[1].Split(',')[column]);
    }

    [Fact]
    public async Task What_is_measured_is_each_line_to_each_other_to_the_neutral_and_to_earth()
    {
        await using var bench = await DeadBench.StartAsync();
        var page = await bench.ReadAsync();
        var names = page.GetProperty("points")
            .EnumerateArray()
            .ToDictionary(p => p.GetProperty("landingId").GetGuid(), p => p.GetProperty("name").GetString()!);
        Assert.Equal(["X1:1", "X1:2", "X1:3"], names.Values);
        Assert.Equal(
            ["X1:1 X1:2", "X1:1 X1:3", "X1:1 earth", "X1:2 X1:3", "X1:2 earth", "X1:3 earth"],
            page.GetProperty("pairs")
                .EnumerateArray()
                .Select(p =>
                    $"{names[p.GetProperty("from").GetGuid()]} {(p.GetProperty("to").ValueKind == JsonValueKind.Null ? "earth" : names[p.GetProperty("to").GetGuid()])}"
                )
        );
    }

    [Fact]
    public async Task What_is_refused_says_why_and_changes_nothing()
    {
        await using var bench = await DeadBench.StartAsync();
        await bench.ReadAsync();
        await Refused(
            await bench.ProofAsync(),
            "List the sources first: each kind is there, or was looked for and is not."
        );
        await bench.DoneAsync(bench.Cleo, DeadBench.Isolation(number: null));
        await Refused(await bench.ProofAsync(), "LP/Q3 has no lock on it.");
        await bench.DoneAsync(bench.Cleo, DeadBench.Isolation("D-7", "ups"));
        await Refused(await bench.ProofAsync(), "Nobody said yet of “UPS” whether there is one.");
        await bench.DoneAsync(bench.Cleo, DeadBench.Isolation());
        await Refused(await bench.ProofAsync(), "Hang your own lock first.");
        await Refused(DeadBench.LockOn("d-7"), "Lock d-7 hangs there already: take one of your own.");
        await bench.DoneAsync(bench.Cleo, DeadBench.LockOn("11"));
        await Refused(await bench.ProofAsync(without: 1), "Not measured yet: X1:3 to earth.");
        await Refused(
            await bench.ProofAsync(before: false),
            "Prove the instrument on something that is surely live, before you measure."
        );
        await Refused(
            await bench.ProofAsync(after: false),
            "Prove the instrument again, after you measured: one that failed shows nothing either."
        );
        await Refused(DeadBench.Kind("at-work"), "Nothing holds there that could go on: prove it dead.");
        await Refused(DeadBench.Kind("energised"), "Nobody puts power back while locks are on: Cleo (11).");
        await Refused(
            new { kind = "exemption", exemption = "new-panel" },
            "LP/Q3 is listed as a source of it: a new panel on the bench has none."
        );
        await Refused(DeadBench.LockOff(bench.Dov), "Only a lead may say who works here.", HttpStatusCode.Forbidden);
        Assert.Equal("locked-off", await bench.StateAsync());

        async Task Refused(object deed, string says, HttpStatusCode how = HttpStatusCode.UnprocessableEntity)
        {
            var events = await bench.Server.EventsAsync();
            var (status, problem) = await bench.DoAsync(bench.Cleo, deed);
            Assert.Equal((how, says), (status, problem.GetProperty("detail").GetString()));
            Assert.Equal(events, await bench.Server.EventsAsync());
        }
    }

    [Fact]
    public async Task Whoever_goes_in_hangs_a_lock_and_only_some_prove_it_dead()
    {
        await using var bench = await DeadBench.StartAsync();
        var apprentice = await bench.Server.PersonAsync("Eli", Role.Apprentice);
        var inspector = await bench.Server.PersonAsync("Fay", Role.Inspector);
        await bench.DoneAsync(apprentice, DeadBench.LockOn("21"));
        await bench.DoneAsync(inspector, DeadBench.LockOn("22"));
        foreach (var person in new[] { apprentice, inspector })
        {
            foreach (var deed in new[] { DeadBench.Isolation(), await bench.ProofAsync(), DeadBench.Kind("energised") })
            {
                var (status, problem) = await bench.DoAsync(person, deed);
                Assert.Equal(HttpStatusCode.Forbidden, status);
                Assert.Equal(
                    "Only a lead or an electrician may make dead, or put power back.",
                    problem.GetProperty("detail").GetString()
                );
            }

            await bench.DoneAsync(
                person,
                new
                {
                    kind = "source-found",
                    source = "ups",
                    name = "UPS in the stairs",
                }
            );
        }

        // Another’s lock comes off by a lead who says that its owner knows.
        await bench.Server.PersonAsync("Ada");
        var (unsure, why) = await bench.DoAsync(bench.Bench.Ada, DeadBench.LockOff(apprentice));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, unsure);
        Assert.StartsWith(
            "Another’s lock comes off only when",
            why.GetProperty("detail").GetString(),
            StringComparison.Ordinal
        );
        var page = await bench.DoneAsync(bench.Bench.Ada, DeadBench.LockOff(apprentice, ownerKnows: true));
        Assert.Equal("22", Assert.Single(page.GetProperty("locks").EnumerateArray()).GetProperty("number").GetString());
    }

    [Fact]
    public async Task Sent_again_or_four_times_at_once_it_is_there_once()
    {
        await using var bench = await DeadBench.StartAsync();
        await bench.ProvedAsync();
        var (id, off) = (Guid.NewGuid(), DeadBench.LockOff());
        var events = await bench.Server.EventsAsync();
        var claimed = bench.Server.Time.GetUtcNow();
        var answers = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => bench.DoAsync(bench.Cleo, off, id)));
        Assert.All(answers, a => Assert.Equal(HttpStatusCode.OK, a.Status));
        Assert.Equal(events + 1, await bench.Server.EventsAsync());
        // The same id with something else, or from somebody else, is another’s.
        Assert.Equal(HttpStatusCode.Conflict, (await bench.DoAsync(bench.Cleo, DeadBench.LockOn("11"), id)).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await bench.DoAsync(bench.Dov, off, id)).Status);
        Assert.Equal(events + 1, await bench.Server.EventsAsync());
        Assert.Equal(claimed, bench.Server.Time.GetUtcNow());
    }

    [Fact]
    public async Task It_lapses_by_time_alone_and_every_open_page_is_told()
    {
        await using var bench = await DeadBench.StartAsync();
        await bench.ProvedAsync();
        await using var page = await OpenPage.OpenAsync(bench.Server, bench.Dov);
        var dead = await page.UntilAsync("dead", Is("dead"));
        Assert.Equal(
            [bench.Cleo, bench.Dov],
            dead.GetProperty("told").GetProperty("people").EnumerateArray().Select(p => p.GetGuid())
        );
        bench.Server.Time.Advance(TimeSpan.FromMinutes(29));
        await bench.DoneAsync(bench.Dov, DeadBench.Kind("at-work"));
        bench.Server.Time.Advance(TimeSpan.FromMinutes(29));
        Assert.Equal("dead", await bench.StateAsync());
        bench.Server.Time.Advance(TimeSpan.FromMinutes(2));
        var lapsed = await page.UntilAsync("dead", Is("lapsed"));
        Assert.Equal(
            "Nobody worked there for longer than the job’s pause. Prove it dead again before a hand goes in.",
            lapsed.GetProperty("told").GetProperty("says").GetString()
        );
        var (_, made) = await bench.Bench.RecordAsync(bench.Job, bench.Wire, "termination", bench.Cleo);
        Assert.Equal("lapsed", made.GetProperty("deadWork").GetString());
    }

    [Theory]
    [InlineData("lock", "A lock came off.")]
    [InlineData("shift", "The shift has changed.")]
    [InlineData("source", "Another source was found.")]
    [InlineData("live", "It was found live.")]
    [InlineData("sources", "The list of its sources was changed.")]
    public async Task It_lapses_by_what_somebody_does_and_the_others_are_told_at_once(string what, string says)
    {
        await using var bench = await DeadBench.StartAsync();
        await bench.ProvedAsync();
        await using var page = await OpenPage.OpenAsync(bench.Server, bench.Cleo);
        await page.UntilAsync("dead", Is("dead"));
        await bench.DoneAsync(
            bench.Dov,
            what switch
            {
                "lock" => DeadBench.LockOff(),
                "shift" => DeadBench.Kind("shift-end"),
                "source" => new
                {
                    kind = "source-found",
                    source = "control-from-elsewhere",
                    name = "24 V from the warm room",
                },
                "live" => await bench.ProofAsync(volts: 231),
                _ => DeadBench.Isolation("D-8"),
            }
        );
        var told = (await page.UntilAsync("dead", Is("lapsed"))).GetProperty("told");
        Assert.StartsWith(says, told.GetProperty("says").GetString(), StringComparison.Ordinal);
    }

    /// <summary>While one puts power back another hangs a lock: whichever comes first, nobody is inside a live panel.</summary>
    [Fact]
    public async Task Power_and_a_lock_at_once_never_both_pass()
    {
        await using var bench = await DeadBench.StartAsync();
        for (var round = 0; round < 12; round++)
        {
            var (power, hung) = (
                bench.DoAsync(bench.Cleo, DeadBench.Kind("energised")),
                bench.DoAsync(bench.Dov, DeadBench.LockOn("12"))
            );
            var (on, locked) = ((await power).Status, (await hung).Status);
            Assert.Equal(HttpStatusCode.OK, locked);
            var says = (await bench.Server.GetAsync("/api/records?limit=2"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .Select(i => i.GetProperty("says").GetString())
                .ToList();
            // Put on, it was put on before the lock hung: the lock is the last that happened.
            Assert.Equal("DCP: own lock 12 on.", says[0]);
            Assert.Equal(on == HttpStatusCode.OK, says.ElementAtOrDefault(1) == "DCP: power put back, every lock off.");
            await bench.DoneAsync(bench.Dov, DeadBench.LockOff());
        }
    }

    [Fact]
    public async Task What_was_said_of_locks_is_never_taken_back_nor_recorded_elsewhere()
    {
        await using var bench = await DeadBench.StartAsync();
        await bench.ProvedAsync();
        var (_, log) = await bench.Server.GetAsync("/api/records?limit=1");
        var events = await bench.Server.EventsAsync();
        foreach (
            var body in new[]
            {
                Record("withdrawal", log.GetProperty("items")[0].GetProperty("id").GetGuid()),
                Record("lock-off", null),
            }
        )
        {
            Assert.Equal(
                HttpStatusCode.UnprocessableEntity,
                (await bench.Server.PostAsync("/api/records", body)).Status
            );
        }

        Assert.Equal((events, "dead"), (await bench.Server.EventsAsync(), await bench.StateAsync()));

        object Record(string kind, Guid? corrects) =>
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = bench.Server.Time.GetUtcNow(),
                kind,
                corrects,
            };
    }

    private static Func<JsonElement, bool> Is(string state) =>
        message => message.GetProperty("told").GetProperty("state").GetString() == state;
}
