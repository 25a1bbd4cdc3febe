namespace Lacet.Web.Tests;

/// <summary>An open page: follows the event stream.</summary>
internal sealed class OpenPage(HttpResponseMessage response, StreamReader reader) : IAsyncDisposable
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    /// <summary>Opened by whoever signed in last, or by somebody who did before.</summary>
    public static async Task<OpenPage> OpenAsync(RunningServer server, Guid? person = null)
    {
        var response = await (person is { } who ? server.BrowserOf(who).Http : server.Client).GetAsync(
            new Uri("/api/stream", UriKind.Relative),
            HttpCompletionOption.ResponseHeadersRead,
            Cancellation
        );
        var page = new OpenPage(response, new StreamReader(await response.Content.ReadAsStreamAsync(Cancellation)));
        await page.UntilAsync("tools");
        return page;
    }

    public async Task<JsonElement> UntilAsync(string type, Func<JsonElement, bool>? holds = null)
    {
        while (
            await reader.ReadLineAsync(Cancellation).AsTask().WaitAsync(TimeSpan.FromSeconds(10), Cancellation)
                is { } line
        )
        {
            if (
                line.StartsWith("data:", StringComparison.Ordinal)
                && JsonSerializer.Deserialize<JsonElement>(line[5..]) is var message
                && message.GetProperty("type").GetString() == type
                && holds?.Invoke(message) is not false
            )
            {
                return message;
            }
        }

        throw new EndOfStreamException("The stream ended.");
    }

    public ValueTask DisposeAsync()
    {
        reader.Dispose();
        response.Dispose();
        return ValueTask.CompletedTask;
    }
}
