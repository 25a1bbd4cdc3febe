using Dapper;

namespace Lacet.Store;

/// <summary>What terminals were last said to be, by the letters that their devices' names begin with.</summary>
public sealed class LandingsOfPrefixesTable(LacetDatabase database)
{
    /// <summary>All of them, as JSON, by prefix.</summary>
    public Task<Dictionary<string, string>> AllAsync() =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<(string Prefix, string Body)>("SELECT prefix, body FROM landing_of_prefix")
            ).ToDictionary(r => r.Prefix, r => r.Body, StringComparer.Ordinal)
        );

    /// <summary>Keeps one; the last holds.</summary>
    public Task KeepAsync(string prefix, string body, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "INSERT INTO landing_of_prefix (prefix, body) VALUES (@prefix, @body) ON CONFLICT (prefix) DO UPDATE SET body = excluded.body",
                    new { prefix, body },
                    transaction
                ),
            cancellation
        );
}
