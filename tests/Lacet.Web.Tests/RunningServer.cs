using Lacet.Exchange;
using Lacet.Web.Hosting;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Microsoft.Extensions.Time.Testing;

namespace Lacet.Web.Tests;

/// <summary>
/// The real server on a free port of loopback, with a throwaway data folder and a clock of the test's own.
/// </summary>
public sealed class RunningServer : IAsyncDisposable
{
    private readonly WebApplication _app;

    private RunningServer(WebApplication app, string folder, FakeTimeProvider time)
    {
        (_app, Folder, Time) = (app, folder, time);
        Client = new HttpClient { BaseAddress = new Uri(app.Urls.Single()) };
    }

    public string Folder { get; }

    public FakeTimeProvider Time { get; }

    public HttpClient Client { get; }

    public IServiceProvider Services => _app.Services;

    public static DateTimeOffset Now { get; } = new(2026, 11, 20, 9, 0, 0, TimeSpan.FromHours(1));

    public static async Task<RunningServer> StartAsync(
        string? folder = null,
        bool standIns = false,
        bool realTime = false,
        string? demo = null
    )
    {
        folder ??= Path.Combine(Path.GetTempPath(), $"lacet-test-{Guid.NewGuid():N}");
        var time = new FakeTimeProvider(Now);
        var app = Server.Build(
            new ServerOptions
            {
                Port = 0,
                DataFolder = folder,
                StandIns = standIns,
                DemoFolder = demo,
            },
            builder =>
            {
                if (!realTime)
                {
                    builder.Services.Replace(ServiceDescriptor.Singleton<TimeProvider>(time));
                }
            }
        );
        try
        {
            await app.StartAsync();
        }
        catch
        {
            await app.DisposeAsync();
            throw;
        }

        return new RunningServer(app, folder, time);
    }

    public async Task<(HttpStatusCode Status, JsonElement Json)> PostAsync(string address, string body)
    {
        using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
        using var response = await Client.PostAsync(new Uri(address, UriKind.Relative), content);
        return (response.StatusCode, await ReadAsync(response));
    }

    public Task<(HttpStatusCode Status, JsonElement Json)> PostAsync(string address, object body) =>
        PostAsync(address, JsonSerializer.Serialize(body, Json.Options));

    public async Task<(HttpStatusCode Status, JsonElement Json)> GetAsync(string address)
    {
        using var response = await Client.GetAsync(new Uri(address, UriKind.Relative));
        return (response.StatusCode, await ReadAsync(response));
    }

    public async Task<Guid> PersonAsync(string name) =>
        (await PostAsync("/api/people", new { name })).Json.GetProperty("id").GetGuid();

    public async Task<long> EventsAsync() => (await GetAsync("/api/records")).Json.GetProperty("total").GetInt64();

    public async ValueTask DisposeAsync()
    {
        Client.Dispose();
        await _app.StopAsync();
        await _app.DisposeAsync();
    }

    private static async Task<JsonElement> ReadAsync(HttpResponseMessage response)
    {
        var text = await response.Content.ReadAsStringAsync();
        return text.Length == 0 ? default : JsonSerializer.Deserialize<JsonElement>(text);
    }
}
