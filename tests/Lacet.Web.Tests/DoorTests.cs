namespace Lacet.Web.Tests;

/// <summary>Who is answered, and what a browser may do with the answer.</summary>
public sealed class DoorTests
{
    [Theory]
    [InlineData("evil.example", 400)]
    [InlineData("127.0.0.1.evil.example", 400)]
    [InlineData("localhost", 200)]
    [InlineData("127.0.0.1", 200)]
    [InlineData("[::1]", 200)]
    public async Task Only_its_own_names_are_answered(string host, int status)
    {
        await using var server = await RunningServer.StartAsync();
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/landings");
        request.Headers.Host = $"{host}:{server.Client.BaseAddress!.Port}";
        using var response = await server.Client.SendAsync(request);
        Assert.Equal(status, (int)response.StatusCode);
    }

    [Theory]
    [InlineData("https://evil.example", null, 403)]
    [InlineData("http://127.0.0.1:1", null, 403)]
    [InlineData("null", null, 403)]
    [InlineData(null, "cross-site", 403)]
    [InlineData(null, "same-site", 403)]
    [InlineData(null, "same-origin", 201)]
    [InlineData(null, null, 201)]
    [InlineData("own", "same-origin", 201)]
    public async Task Changes_are_taken_only_from_its_own_pages(string? origin, string? site, int status)
    {
        await using var server = await RunningServer.StartAsync();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/jobs")
        {
            Content = JsonContent.Create(new { name = "Dome" }),
        };
        if (origin is not null)
        {
            request.Headers.Add(
                "Origin",
                origin == "own" ? server.Client.BaseAddress!.GetLeftPart(UriPartial.Authority) : origin
            );
        }

        if (site is not null)
        {
            request.Headers.Add("Sec-Fetch-Site", site);
        }

        using var response = await server.Client.SendAsync(request);
        Assert.Equal(status, (int)response.StatusCode);
        Assert.Equal(
            status == 201 ? 1 : 0,
            (await server.GetAsync("/api/jobs")).Json.GetProperty("items").GetArrayLength()
        );
    }

    [Fact]
    public async Task Every_answer_carries_a_content_policy_without_inline_script()
    {
        await using var server = await RunningServer.StartAsync();
        foreach (var address in new[] { "/api/landings", "/api/nothing" })
        {
            using var response = await server.Client.GetAsync(new Uri(address, UriKind.Relative));
            var policy = response.Headers.GetValues("Content-Security-Policy").Single();
            var scripts = policy
                .Split(';')
                .Select(p => p.Trim())
                .Single(p => p.StartsWith("script-src", StringComparison.Ordinal));
            Assert.Equal("script-src 'self'", scripts);
            Assert.Contains("frame-ancestors 'none'", policy, StringComparison.Ordinal);
            Assert.Equal("no-store", response.Headers.CacheControl?.ToString());
            Assert.Equal("nosniff", response.Headers.GetValues("X-Content-Type-Options").Single());
        }
    }

    [Fact]
    public async Task It_listens_on_loopback_only()
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal("127.0.0.1", server.Client.BaseAddress!.Host);
    }

    [Fact]
    public async Task The_interface_describes_itself()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, document) = await server.GetAsync("/openapi/v1.json");
        var paths = document.GetProperty("paths");
        foreach (
            var path in new[] { "/api/bench/recipe", "/api/records", "/api/records/seal", "/api/people", "/api/stream" }
        )
        {
            Assert.True(paths.TryGetProperty(path, out _), path);
        }

        var binding = document
            .GetProperty("components")
            .GetProperty("schemas")
            .GetProperty("LandingDocumentBindingScrewDocument");
        Assert.Contains("kind", binding.GetProperty("required").EnumerateArray().Select(r => r.GetString()));
    }
}
