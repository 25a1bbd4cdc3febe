namespace Lacet.Web.Http;

/// <summary>The names under which this server answers: those of loopback, and those that its certificate bears.</summary>
internal sealed class OwnNames(IReadOnlyList<string> more)
{
    private readonly HashSet<string> _all = new(
        ["127.0.0.1", "localhost", "[::1]", .. more],
        StringComparer.OrdinalIgnoreCase
    );

    internal bool Has(string host) => _all.Contains(host);

    /// <inheritdoc/>
    public override string ToString() => $"{string.Join(", ", more.Prepend("127.0.0.1"))} or localhost";
}
