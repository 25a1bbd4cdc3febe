namespace Lacet.Web.Tests;

public sealed partial class JobCommandTests
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
}
