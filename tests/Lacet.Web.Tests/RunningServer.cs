using Lacet.Core.People;
using Lacet.Exchange;
using Lacet.Web.Hosting;
using Lacet.Web.People;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Microsoft.Extensions.Time.Testing;

namespace Lacet.Web.Tests;

/// <summary>
/// The real server on a free port of loopback, with a throwaway data folder and a clock of the test's own.
/// </summary>
public sealed class RunningServer : IAsyncDisposable
{
    /// <summary>Of everybody here.</summary>
    public const string Password = "three odd words";

    private readonly WebApplication _app;
    private readonly Dictionary<Guid, Browser> _browsers = [];

    private RunningServer(WebApplication app, string folder, FakeTimeProvider time)
    {
        (_app, Folder, Time) = (app, folder, time);
        Stranger = new(Addresses.Single(a => a.Scheme == Uri.UriSchemeHttp));
        Client = Stranger.Http;
    }

    public string Folder { get; }

    /// <summary>Where it is reached: on this machine, and over TLS where it listens to others.</summary>
    public IEnumerable<Uri> Addresses => _app.Urls.Select(u => new Uri(u));

    public FakeTimeProvider Time { get; }

    /// <summary>Of whoever signed in last.</summary>
    public HttpClient Client { get; private set; }

    /// <summary>A browser in which nobody is signed in.</summary>
    internal Browser Stranger { get; }

    public IServiceProvider Services => _app.Services;

    public static DateTimeOffset Now { get; } = new(2026, 11, 20, 9, 0, 0, TimeSpan.FromHours(1));

    public static async Task<RunningServer> StartAsync(
        string? folder = null,
        bool standIns = false,
        bool realTime = false,
        string? demo = null,
        bool signedIn = true,
        string? listen = null,
        int hashing = 1
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
                Listen = listen,
            },
            builder =>
            {
                // Slow on purpose where people sign in; here thousands do.
                builder.Services.Configure<PasswordHasherOptions>(hasher => hasher.IterationCount = hashing);
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

        var server = new RunningServer(app, folder, time);
        if (signedIn)
        {
            await server.PersonAsync("Ines Okafor");
        }

        return server;
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

    public async Task<(HttpStatusCode Status, JsonElement Json)> DeleteAsync(string address)
    {
        using var response = await Client.DeleteAsync(new Uri(address, UriKind.Relative));
        return (response.StatusCode, await ReadAsync(response));
    }

    /// <summary>Posts as somebody who signed in before.</summary>
    public async Task<(HttpStatusCode Status, JsonElement Json)> PostAsAsync(Guid person, string address, object body)
    {
        using var content = new StringContent(
            JsonSerializer.Serialize(body, Json.Options),
            System.Text.Encoding.UTF8,
            "application/json"
        );
        using var response = await _browsers[person].Http.PostAsync(new Uri(address, UriKind.Relative), content);
        return (response.StatusCode, await ReadAsync(response));
    }

    /// <summary>Somebody who works here from now on, and is signed in: what is asked next is asked by them.</summary>
    public async Task<Guid> PersonAsync(string name, Role role = Role.Lead)
    {
        var accounts = Services.GetRequiredService<Accounts>();
        if (await accounts.FindAsync(name) is null)
        {
            await accounts.AddAsync(new(name, role), new(Password, "2580"), onlyFirst: false, CancellationToken.None);
        }

        var browser = new Browser(Stranger.Http.BaseAddress!);
        // The demo’s people have a password of theirs.
        var demo = Services.GetRequiredService<DemoPeople>();
        var isTheirs = (await demo.ListAsync()).Exists(p => p.Name == name);
        var person = await browser.SignInAsync(name, isTheirs ? demo.Password! : Password);
        _browsers[person] = browser;
        Client = browser.Http;
        return person;
    }

    /// <summary>The browser of somebody who signed in before.</summary>
    internal Browser BrowserOf(Guid person) => _browsers[person];

    public async Task<long> EventsAsync() => (await GetAsync("/api/records")).Json.GetProperty("total").GetInt64();

    public async ValueTask DisposeAsync()
    {
        foreach (var browser in _browsers.Values.Append(Stranger))
        {
            browser.Dispose();
        }

        await _app.StopAsync();
        await _app.DisposeAsync();
    }

    private static async Task<JsonElement> ReadAsync(HttpResponseMessage response)
    {
        var text = await response.Content.ReadAsStringAsync();
        return text.Length == 0 ? default : JsonSerializer.Deserialize<JsonElement>(text);
    }
}
