using Dapper;

namespace Lacet.Store;

/// <summary>The table of those who are signed in.</summary>
public sealed class SessionsTable(LacetDatabase database)
{
    private const string Select = """
        SELECT s.id, s.person, p.name, a.role, a.qualified_until AS QualifiedUntil, a.closed, s.proof, s.supervisor, s.tablet, s.began_at AS BeganAt,
               s.seen_at AS SeenAt, s.address, s.browser
        FROM session s JOIN account a ON a.person = s.person JOIN person p ON p.id = s.person
        """;

    /// <summary>Keeps one under the digest of its key, in place of <paramref name="instead"/>.</summary>
    public Task AddAsync(string digest, SessionRow session, Guid? instead, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    """
                    DELETE FROM session WHERE id = @instead;
                    INSERT INTO session (digest, id, person, proof, supervisor, tablet, began_at, seen_at, address, browser)
                    VALUES (@digest, @Id, @Person, @Proof, @Supervisor, @Tablet, @BeganAt, @SeenAt, @Address, @Browser)
                    """,
                    new
                    {
                        digest,
                        instead,
                        session.Id,
                        session.Person,
                        session.Proof,
                        session.Supervisor,
                        session.Tablet,
                        session.BeganAt,
                        session.SeenAt,
                        session.Address,
                        session.Browser,
                    },
                    transaction
                ),
            cancellation
        );

    /// <summary>The session of a key’s digest; null where there is none.</summary>
    public Task<SessionRow?> FindAsync(string digest) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<SessionRow>($"{Select} WHERE s.digest = @digest", new { digest })
        );

    /// <summary>Sessions, those that were used last first: of one person, or of all.</summary>
    public Task<List<SessionRow>> ListAsync(Guid? person) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<SessionRow>(
                    $"{Select} WHERE @person IS NULL OR s.person = @person ORDER BY s.seen_at DESC",
                    new { person }
                )
            ).AsList()
        );

    /// <summary>Notes that somebody is still there.</summary>
    public Task SeenAsync(Guid id, DateTimeOffset at, CancellationToken cancellation) =>
        database.WriteTogetherAsync(
            (connection, transaction) =>
                connection.ExecuteAsync("UPDATE session SET seen_at = @at WHERE id = @id", new { id, at }, transaction),
            cancellation
        );

    /// <summary>Says who supervises from now on.</summary>
    public Task SuperviseAsync(Guid id, Guid? supervisor, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "UPDATE session SET supervisor = @supervisor WHERE id = @id",
                    new { id, supervisor },
                    transaction
                ),
            cancellation
        );

    /// <summary>Ends sessions: one of them, or all of a person; gives those that were there.</summary>
    public Task<List<Guid>> EndAsync(Guid? id, Guid? person, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                (
                    await connection.QueryAsync<Guid>(
                        "DELETE FROM session WHERE id = @id OR person = @person RETURNING id",
                        new { id, person },
                        transaction
                    )
                ).AsList(),
            cancellation
        );
}
