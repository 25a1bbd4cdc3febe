namespace Lacet.Web.Tests;

/// <summary>Changes of a job over HTTP: typed, all or none, in conflict, undone, told to open pages.</summary>
public sealed class JobCommandTests
{
    /// <summary>A member that is typed wrong is named, and the nearest one that can be written: not one that is computed.</summary>
    [Theory]
    [InlineData("lenghtMm", "lengthMm")]
    [InlineData("length", "lengthMm")]
    [InlineData("colur", "colour")]
    public async Task A_member_that_a_part_does_not_have_is_refused_with_the_nearest_it_has(
        string typed,
        string nearest
    )
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var put = new Dictionary<string, object>(StringComparer.Ordinal)
        {
            ["part"] = "wire",
            ["id"] = Guid.NewGuid(),
            ["name"] = "1",
            ["a"] = new { id = Guid.NewGuid() },
            ["b"] = new { id = Guid.NewGuid() },
            [typed] = 1,
        };
        var (status, problem) = await bench.CommandAsync(job, new { put, version = 0 });
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal(
            $"“{typed}” is no member here. The nearest is {nearest}.",
            problem.GetProperty("detail").GetString()
        );
    }

    [Fact]
    public async Task Rows_are_typed_read_as_people_write_and_undone()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (status, done) = await bench.TypeAsync(
            job,
            new
            {
                name = "12",
                from = "DCP/X1:5",
                fromLanding = "screw terminal",
                to = "X2:1",
                size = "#14",
                colour = "BK",
                length = "12' 6\"",
                function = "hot",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("DCP/X1:5", "DCP/X2:1", "14 AWG", "black", 3810),
            (
                row.GetProperty("from").GetString(),
                row.GetProperty("to").GetString(),
                row.GetProperty("size").GetString(),
                row.GetProperty("wire").GetProperty("colour").GetString(),
                row.GetProperty("wire").GetProperty("lengthMm").GetDouble()
            )
        );
        Assert.Equal("line", row.GetProperty("wire").GetProperty("function").GetString());

        await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(row),
                version = 1,
                type = "solid",
            }
        );
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("14 AWG", "solid copper", 2),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("type").GetString(),
                row.GetProperty("version").GetInt64()
            )
        );
        await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(row),
                version = 2,
                size = "2,5",
                colour = "",
            }
        );
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("2.5 mm²", "solid copper", JsonValueKind.Null),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("type").GetString(),
                row.GetProperty("wire").GetProperty("colour").ValueKind
            )
        );

        var undone = await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { personId = bench.Ada }
        );
        Assert.Equal(HttpStatusCode.Conflict, undone.Status);
        Assert.Single(await bench.WiresAsync(job));
    }

    [Theory]
    [InlineData("size", "fat", "rows[0].size")]
    [InlineData("colour", "mauve", "rows[0].colour")]
    [InlineData("function", "whatever", "rows[0].function")]
    [InlineData("length", "far", "rows[0].length")]
    [InlineData("name", " ", "rows[0].name")]
    public async Task A_cell_that_is_wrong_is_refused_by_its_name_and_nothing_is_stored(
        string cell,
        string text,
        string field
    )
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var row = new Dictionary<string, string>(StringComparer.Ordinal)
        {
            ["name"] = "1",
            ["from"] = "DCP/X1:1",
            [cell] = text,
        };
        var (status, problem) = await bench.TypeAsync(job, row);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
        Assert.Empty(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task Two_people_who_change_the_same_wire_get_a_clear_conflict_and_neither_is_lost()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        var wire = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.TypeAsync(
                    job,
                    new
                    {
                        wireId = JobBench.Id(wire),
                        version = 1,
                        colour = "red",
                    }
                )
            ).Status
        );
        var (status, problem) = await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(wire),
                version = 1,
                colour = "blue",
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(
            ("red", 2),
            (problem.GetProperty("now").GetProperty("colour").GetString(), problem.GetProperty("version").GetInt64())
        );
        Assert.Equal(
            "red",
            (await bench.WiresAsync(job)).Single().GetProperty("wire").GetProperty("colour").GetString()
        );
    }

    [Fact]
    public async Task A_bulk_change_is_all_or_none_and_sent_twice_changes_once()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal(JsonValueKind.Array, overview.GetProperty("circuits").ValueKind);
        var circuit = Guid.NewGuid();
        object Put(Guid id, string name) =>
            new
            {
                put = new
                {
                    part = "circuit",
                    id,
                    name,
                    ocpdAmps = 15,
                },
            };
        var bad = await bench.CommandAsync(job, Put(circuit, "1"), Put(Guid.NewGuid(), "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.Status);
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").EnumerateArray());

        var command = new
        {
            id = Guid.NewGuid(),
            personId = bench.Ada,
            changes = new[] { Put(circuit, "1"), Put(Guid.NewGuid(), "2") },
        };
        var first = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        var second = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, second.Status));
        Assert.Equal(first.Json.GetProperty("sequence").GetInt64(), second.Json.GetProperty("sequence").GetInt64());
        Assert.Equal(
            2,
            (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").GetArrayLength()
        );
    }

    /// <summary>
    /// A page that heard no answer sends again: putting in, changing and taking out are each answered as the first
    /// time.
    /// </summary>
    [Fact]
    public async Task A_change_that_is_sent_again_is_answered_as_the_first_time()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var circuit = Guid.NewGuid();
        object Put(double amps) =>
            new
            {
                part = "circuit",
                id = circuit,
                name = "1",
                ocpdAmps = amps,
            };
        foreach (
            var change in new object[]
            {
                new { put = Put(15) },
                new { put = Put(20), version = 1 },
                new { remove = circuit, version = 2 },
            }
        )
        {
            var command = new
            {
                id = Guid.NewGuid(),
                personId = bench.Ada,
                changes = new[] { change },
            };
            var (first, again) = (
                await bench.Server.PostAsync($"/api/jobs/{job}/commands", command),
                await bench.Server.PostAsync($"/api/jobs/{job}/commands", command)
            );
            Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, again.Status));
            Assert.Equal(first.Json.GetRawText(), again.Json.GetRawText());
        }

        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").EnumerateArray());
    }

    [Fact]
    public async Task An_id_with_other_changes_or_in_another_job_is_a_conflict_and_stores_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, other, id, circuit) = (
            await bench.JobAsync(),
            await bench.JobAsync(),
            Guid.NewGuid(),
            Guid.NewGuid()
        );
        Task<(HttpStatusCode Status, JsonElement Json)> Send(Guid to, string name) =>
            bench.Server.PostAsync(
                $"/api/jobs/{to}/commands",
                new
                {
                    id,
                    personId = bench.Ada,
                    changes = new[]
                    {
                        new
                        {
                            put = new
                            {
                                part = "circuit",
                                id = circuit,
                                name,
                            },
                        },
                    },
                }
            );
        Assert.Equal(HttpStatusCode.OK, (await Send(job, "1")).Status);
        foreach (var (to, name) in new[] { (job, "2"), (other, "1") })
        {
            var (status, problem) = await Send(to, name);
            Assert.Equal(HttpStatusCode.Conflict, status);
            Assert.Contains(
                "is that of another change already",
                problem.GetProperty("detail").GetString(),
                StringComparison.Ordinal
            );
        }

        Assert.Equal(
            "1",
            (await bench.Server.GetAsync($"/api/jobs/{job}"))
                .Json.GetProperty("circuits")[0]
                .GetProperty("part")
                .GetProperty("name")
                .GetString()
        );
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{other}")).Json.GetProperty("circuits").EnumerateArray());
    }

    [Fact]
    public async Task What_is_undone_comes_back_with_a_version_of_its_own()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                colour = "red",
            }
        );
        // Nothing is taken out unseen: without its version, or with an older one, it stays.
        Assert.Equal(HttpStatusCode.Conflict, (await bench.CommandAsync(job, new { remove = wire })).Status);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.CommandAsync(job, new { remove = wire, version = 1 })).Status
        );
        Assert.Single(await bench.WiresAsync(job));
        var (_, removed) = await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo",
            new { personId = bench.Ada }
        );
        var back = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("red", 3),
            (back.GetProperty("wire").GetProperty("colour").GetString(), back.GetProperty("version").GetInt64())
        );
        // Whoever still holds what it was before it was taken out is told.
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await bench.TypeAsync(
                    job,
                    new
                    {
                        wireId = wire,
                        version = 1,
                        colour = "blue",
                    }
                )
            ).Status
        );
        var (_, history) = await bench.Server.GetAsync($"/api/jobs/{job}/commands");
        Assert.Equal(
            ["Undid: Took out wire 1.", "Took out wire 1.", "Changed wire 1.", "Added wire 1.", "Made Dome."],
            history.GetProperty("items").EnumerateArray().Select(c => c.GetProperty("says").GetString())
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo",
                    new { personId = bench.Ada }
                )
            ).Status
        );
    }

    [Fact]
    public async Task An_open_page_is_told_of_every_change()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        using var stream = new StreamReader(
            await bench.Server.Client.GetStreamAsync(new Uri("/api/stream", UriKind.Relative))
        );
        await stream.ReadLineAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        string? line;
        do
        {
            line = await stream.ReadLineAsync();
        } while (line is not null && !line.Contains("\"job\"", StringComparison.Ordinal));
        Assert.Contains("Added wire 1.", line!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Changes_of_one_wire_are_undone_one_after_another_and_done_again()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var commands = new Stack<Guid>();
        async Task<string?> Colour() =>
            (await bench.WiresAsync(job))
                .Select(w => w.GetProperty("wire").GetProperty("colour").GetString())
                .SingleOrDefault();
        commands.Push(
            Command(
                await bench.TypeAsync(
                    job,
                    new
                    {
                        name = "1",
                        from = "DCP/X1:1",
                        colour = "black",
                    }
                )
            )
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        foreach (var (colour, version) in new[] { ("red", 1), ("blue", 2), ("grey", 3) })
        {
            commands.Push(
                Command(
                    await bench.TypeAsync(
                        job,
                        new
                        {
                            wireId = wire,
                            version,
                            colour,
                        }
                    )
                )
            );
        }

        Guid undone = default;
        foreach (var colour in new[] { "blue", "red", "black", null })
        {
            var done = await Undo(commands.Pop());
            Assert.Equal(HttpStatusCode.OK, done.Status);
            undone = Command(done);
            Assert.Equal(colour, await Colour());
        }

        // An undo is a change like any other, and is undone like one.
        Assert.Equal(HttpStatusCode.OK, (await Undo(undone)).Status);
        Assert.Equal("black", await Colour());

        Task<(HttpStatusCode Status, JsonElement Json)> Undo(Guid command) =>
            bench.Server.PostAsync($"/api/jobs/{job}/commands/{command}/undo", new { personId = bench.Ada });
        static Guid Command((HttpStatusCode Status, JsonElement Json) done) =>
            done.Json.GetProperty("commandId").GetGuid();
    }

    [Fact]
    public async Task What_somebody_changed_since_is_not_undone_over_their_head()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                colour = "black",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        var (_, red) = await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                colour = "red",
            }
        );
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 2,
                size = "12",
            }
        );
        var (status, problem) = await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{red.GetProperty("commandId").GetGuid()}/undo",
            new { personId = bench.Bo }
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("Nothing was changed", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("12 AWG", "red", 3),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("wire").GetProperty("colour").GetString(),
                row.GetProperty("version").GetInt64()
            )
        );
    }

    [Fact]
    public async Task Many_rows_are_typed_at_once_and_one_that_is_wrong_keeps_all_out()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        object Row(int i, string size) =>
            new
            {
                name = $"{i}",
                from = $"DCP/X1:{i}",
                size,
            };
        var (status, problem) = await bench.TypeAsync(job, Row(1, "14"), Row(2, "fat"), Row(3, "14"));
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "rows[1].size"),
            (status, problem.GetProperty("field").GetString())
        );
        Assert.Empty(await bench.WiresAsync(job));
        var (_, done) = await bench.TypeAsync(job, [.. Enumerable.Range(1, 300).Select(i => Row(i, "14"))]);
        Assert.Equal("Added 300 wires.", done.GetProperty("says").GetString());
        Assert.Equal(200, (await bench.WiresAsync(job)).Count); // a page
        var (_, second) = await bench.Server.GetAsync($"/api/jobs/{job}/wires?offset=200");
        Assert.Equal(
            (100, JsonValueKind.Null, 300),
            (
                second.GetProperty("items").GetArrayLength(),
                second.GetProperty("next").ValueKind,
                second.GetProperty("total").GetInt32()
            )
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.TypeAsync(job)).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.TypeAsync(job, [.. Enumerable.Range(1, 2001).Select(i => Row(i, "14"))])).Status
        );
    }

    [Fact]
    public async Task A_landing_of_the_shelf_is_named_by_its_id_and_gets_its_data()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        var (_, landings) = await bench.Server.GetAsync($"/api/jobs/{job}/landings");
        var landing = landings.GetProperty("items")[0].GetProperty("landing");
        var (_, shelf) = await bench.Server.GetAsync("/api/shelf/landing?limit=1");
        var entry = shelf.GetProperty("items")[0];
        object Named(Guid id) =>
            new
            {
                put = new
                {
                    part = "landing",
                    id = landing.GetProperty("id").GetGuid(),
                    enclosureId = landing.GetProperty("enclosureId").GetGuid(),
                    deviceId = landing.GetProperty("deviceId").GetGuid(),
                    name = "X1:1",
                    landing = new { id },
                },
                version = 1,
            };
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.CommandAsync(job, Named(Guid.NewGuid()))).Status);
        Assert.Equal(
            HttpStatusCode.OK,
            (await bench.CommandAsync(job, Named(entry.GetProperty("id").GetGuid()))).Status
        );
        (_, landings) = await bench.Server.GetAsync($"/api/jobs/{job}/landings");
        var resolved = landings.GetProperty("items")[0].GetProperty("landing").GetProperty("landing");
        Assert.Equal(
            entry.GetProperty("item").GetProperty("landing").GetProperty("kind").GetString(),
            resolved.GetProperty("kind").GetString()
        );
        Assert.Equal(entry.GetProperty("id").GetGuid(), resolved.GetProperty("id").GetGuid());
    }

    public static TheoryData<string, object, string> Impossible =>
        new()
        {
            { "nothing", new { }, "give put or remove" },
            {
                "both",
                new
                {
                    put = new
                    {
                        part = "circuit",
                        id = Guid.NewGuid(),
                        name = "1",
                    },
                    remove = Guid.NewGuid(),
                },
                "give put or remove"
            },
            {
                "no id",
                new
                {
                    put = new
                    {
                        part = "circuit",
                        id = Guid.Empty,
                        name = "1",
                    },
                },
                "needs an id"
            },
            {
                "another job’s title",
                new
                {
                    put = new
                    {
                        part = "title",
                        id = Guid.NewGuid(),
                        name = "1",
                    },
                },
                "keeps its id"
            },
            {
                "a colour that is none",
                new
                {
                    put = new
                    {
                        part = "wire",
                        id = Guid.NewGuid(),
                        name = "1",
                        colour = "mauve",
                        a = new { id = Guid.NewGuid() },
                        b = new { id = Guid.NewGuid() },
                    },
                },
                "no colour"
            },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public async Task A_change_that_cannot_be_is_refused_in_a_sentence(string what, object change, string says)
    {
        Assert.NotEmpty(what);
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (status, problem) = await bench.CommandAsync(job, change);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_part_keeps_its_kind()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var id = Guid.NewGuid();
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "circuit",
                    id,
                    name = "1",
                },
            }
        );
        var (status, problem) = await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "enclosure",
                    id,
                    name = "1",
                },
                version = 1,
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("keeps its kind", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_job_that_was_long_untouched_is_read_again_as_it_was()
    {
        await using var bench = await JobBench.StartAsync();
        var first = await bench.JobAsync();
        await bench.TypeAsync(
            first,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                colour = "white",
                function = "line",
                size = "14",
            }
        );
        var found = (await bench.FindingsAsync(first)).Select(f => f.GetProperty("key").GetString()).ToList();
        // More than stay in memory at once.
        for (var i = 0; i < 14; i++)
        {
            await bench.TypeAsync(await bench.JobAsync(), new { name = "1", from = "DCP/X1:1" });
        }

        Assert.Equal(found, (await bench.FindingsAsync(first)).Select(f => f.GetProperty("key").GetString()));
        var wire = JobBench.Id((await bench.WiresAsync(first)).Single());
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await bench.TypeAsync(
                    first,
                    new
                    {
                        wireId = wire,
                        version = 7,
                        colour = "red",
                    }
                )
            ).Status
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.TypeAsync(
                    first,
                    new
                    {
                        wireId = wire,
                        version = 1,
                        colour = "red",
                    }
                )
            ).Status
        );
    }
}
