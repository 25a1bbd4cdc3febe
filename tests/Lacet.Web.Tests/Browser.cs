namespace Lacet.Web.Tests;

/// <summary>Keeps cookies as a browser does, and sends back the token that each change must bring.</summary>
internal sealed class Browser : IDisposable
{
    private readonly TokenSender _sender;

    internal Browser(Uri address, CookieContainer? cookies = null)
    {
        Cookies = cookies ?? new();
        _sender = new(Cookies);
        Http = new HttpClient(_sender) { BaseAddress = address };
    }

    internal CookieContainer Cookies { get; }

    internal HttpClient Http { get; }

    /// <summary>What is sent back with each change; null sends none.</summary>
    internal string? Token
    {
        get => _sender.Token;
        set => _sender.Token = value;
    }

    internal async Task<Guid> SignInAsync(string name, string password)
    {
        using var response = await Http.PostAsJsonAsync(
            new Uri("/api/session/password", UriKind.Relative),
            new { name, password }
        );
        response.EnsureSuccessStatusCode();
        return await KeepAsync(response);
    }

    /// <summary>Takes the token of an answer that says who is signed in; gives who that is.</summary>
    internal async Task<Guid> KeepAsync(HttpResponseMessage response)
    {
        var session = await response.Content.ReadFromJsonAsync<JsonElement>();
        Token = session.GetProperty("token").GetString();
        return session.GetProperty("person").GetProperty("id").GetGuid();
    }

    public void Dispose() => Http.Dispose();

    private sealed class TokenSender(CookieContainer cookies)
        : DelegatingHandler(new HttpClientHandler { CookieContainer = cookies })
    {
        internal string? Token { get; set; }

        protected override Task<HttpResponseMessage> SendAsync(
            HttpRequestMessage request,
            CancellationToken cancellationToken
        )
        {
            if (Token is not null)
            {
                request.Headers.Add("X-Lacet-Token", Token);
            }

            return base.SendAsync(request, cancellationToken);
        }
    }
}
