namespace Lacet.Web.Tests;

/// <summary>One person is one person, however the name is typed.</summary>
public sealed class PeopleTests
{
    /// <summary>
    /// Unicode’s own examples of what looks the same: composed and not, wide letters, what takes no room, any case.
    /// </summary>
    [Theory]
    [InlineData("Ada", "ADA")]
    [InlineData("Ada", " ada  ")]
    [InlineData("Zoë Quist", "Zoe\u0308  quist")]
    [InlineData("Ada", "Ａｄａ")]
    [InlineData("Straße", "STRASSE")]
    public async Task A_name_typed_otherwise_is_the_same_person(string first, string then)
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal(await server.PersonAsync(first), await server.PersonAsync(then));
        Assert.NotEqual(await server.PersonAsync(first), await server.PersonAsync("Bo"));
        Assert.Equal(2, (await server.GetAsync("/api/people")).Json.GetArrayLength());
    }

    /// <summary>A body’s text with what cannot be seen in it is refused by field; nothing is stored.</summary>
    [Theory]
    [InlineData("A\u200Bda")]
    [InlineData("\u202EadA")]
    [InlineData("Ada\u0000")]
    [InlineData("Ada\u0007")]
    [InlineData("   ")]
    public async Task A_name_that_cannot_be_seen_is_refused(string name)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync("/api/people", new { name });
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "name"), (status, problem.GetProperty("field").GetString()));
        Assert.Equal(0, (await server.GetAsync("/api/people")).Json.GetArrayLength());
    }

    /// <summary>
    /// Names of jobs and their parts are composed where they come in, so that what looks the same is found as the same.
    /// </summary>
    [Fact]
    public async Task A_wire_s_name_is_found_however_its_accent_is_typed()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "Pre\u0301-1", size = "2.5" });
        var (_, found) = await bench.Server.GetAsync($"/api/jobs/{job}/wires?q={Uri.EscapeDataString("Pré")}");
        Assert.Equal("Pré-1", found.GetProperty("items")[0].GetProperty("wire").GetProperty("name").GetString());
    }
}
