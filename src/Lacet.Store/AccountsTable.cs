using System.Security.Cryptography;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The table of those who may work here.</summary>
public sealed class AccountsTable(LacetDatabase database, TimeProvider time)
{
    private const string Select = """
        SELECT a.person, coalesce(nullif(p.name, ''), 'erased') AS Name, a.role, a.qualification, a.qualified_until AS QualifiedUntil, a.password, a.pin, a.code,
               a.code_until AS CodeUntil, a.wrong, a.wrong_at AS WrongAt, a.wrong_pins AS WrongPins,
               a.wrong_pin_at AS WrongPinAt, a.closed, a.name_key IS NULL AS IsErased
        FROM account a JOIN person p ON p.id = a.person
        """;

    /// <summary>
    /// Adds somebody; false where somebody of that name is there already, or, for <paramref name="onlyFirst"/>, anybody
    /// is.
    /// </summary>
    /// <param name="account">Who; a new id.</param>
    /// <param name="key">What their name is compared by.</param>
    /// <param name="onlyFirst">Adds only the first of all.</param>
    /// <param name="cancellation">Stops it.</param>
    public Task<bool> AddAsync(AccountRow account, string key, bool onlyFirst, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                const string taken =
                    "SELECT EXISTS (SELECT 1 FROM account WHERE name_key = @key OR person = @Person OR @onlyFirst)";
                if (
                    await connection.ExecuteScalarAsync<bool>(
                        taken,
                        new
                        {
                            key,
                            account.Person,
                            onlyFirst,
                        },
                        transaction
                    )
                )
                {
                    return false;
                }

                await connection.ExecuteAsync(
                    """
                    INSERT INTO person (id, name, name_key, proved, salt, created_at)
                    VALUES (@Person, @Name, @key, 1, @salt, @at);
                    INSERT INTO account (person, name_key, role, qualification, qualified_until, password, pin, code, code_until)
                    VALUES (@Person, @key, @Role, @Qualification, @QualifiedUntil, @Password, @Pin, @Code, @CodeUntil)
                    """,
                    new
                    {
                        account.Person,
                        account.Name,
                        key,
                        salt = RandomNumberGenerator.GetBytes(16),
                        at = time.GetUtcNow(),
                        account.Role,
                        account.Qualification,
                        account.QualifiedUntil,
                        account.Password,
                        account.Pin,
                        account.Code,
                        account.CodeUntil,
                    },
                    transaction
                );
                return true;
            },
            cancellation
        );

    /// <summary>Somebody by id; null where there is no such account.</summary>
    public Task<AccountRow?> FindAsync(Guid person) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<AccountRow>($"{Select} WHERE a.person = @person", new { person })
        );

    /// <summary>Somebody by what their name is compared by; null where there is no such account.</summary>
    public Task<AccountRow?> FindAsync(string key) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<AccountRow>($"{Select} WHERE a.name_key = @key", new { key })
        );

    /// <summary>Everybody by name: a shop, not a town.</summary>
    public Task<List<AccountRow>> AllAsync() =>
        database.ReadAsync(async connection =>
            (await connection.QueryAsync<AccountRow>($"{Select} ORDER BY a.closed, p.name")).AsList()
        );

    /// <summary>Whether there is anybody.</summary>
    public Task<bool> AnyAsync() =>
        database.ReadAsync(connection => connection.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM account)"));

    /// <summary>
    /// Counts an attempt before it is looked at, so that many at once are not many more than one after another. False
    /// where others came first: <paramref name="seen"/> is the number of wrong ones that the caller knew of.
    /// </summary>
    public Task<bool> CountAttemptAsync(Guid person, bool isPin, int seen, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    isPin
                        ? "UPDATE account SET wrong_pins = wrong_pins + 1, wrong_pin_at = @at WHERE person = @person AND wrong_pins = @seen"
                        : "UPDATE account SET wrong = wrong + 1, wrong_at = @at WHERE person = @person AND wrong = @seen",
                    new
                    {
                        person,
                        seen,
                        at = time.GetUtcNow(),
                    },
                    transaction
                ) == 1,
            cancellation
        );

    /// <summary>The right one was typed: what was wrong before counts no more. A password forgives wrong PINs too.</summary>
    public Task ForgiveAsync(Guid person, bool isPin, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    isPin
                        ? "UPDATE account SET wrong_pins = 0, wrong_pin_at = NULL WHERE person = @person"
                        : "UPDATE account SET wrong = 0, wrong_at = NULL, wrong_pins = 0, wrong_pin_at = NULL WHERE person = @person",
                    new { person },
                    transaction
                ),
            cancellation
        );

    /// <summary>
    /// Sets the password, the PIN or both, where given; a code that was used for it is used up. False where
    /// <paramref name="code"/> is given and is no more the account’s: somebody else used it first.
    /// </summary>
    public Task<bool> SetSecretsAsync(
        Guid person,
        string? password,
        string? pin,
        string? code,
        CancellationToken cancellation
    ) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    """
                    UPDATE account SET password = coalesce(@password, password), pin = coalesce(@pin, pin), code = NULL,
                           code_until = NULL, wrong = 0, wrong_at = NULL, wrong_pins = 0, wrong_pin_at = NULL
                    WHERE person = @person AND (@code IS NULL OR code = @code)
                    """,
                    new
                    {
                        person,
                        password,
                        pin,
                        code,
                    },
                    transaction
                ) == 1,
            cancellation
        );

    /// <summary>
    /// Gives a code that is good once; the password and the PIN that were forgotten are no more, nor is whoever signed in
    /// with them. Gives the sessions that ended; null where there is no such account.
    /// </summary>
    public Task<List<Guid>?> ResetAsync(
        Guid person,
        string code,
        DateTimeOffset until,
        CancellationToken cancellation
    ) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                const string reset = """
                    UPDATE account SET code = @code, code_until = @until, password = NULL, pin = NULL, wrong = 0,
                           wrong_at = NULL, wrong_pins = 0, wrong_pin_at = NULL
                    WHERE person = @person AND closed = 0
                    """;
                var changed = await connection.ExecuteAsync(
                    reset,
                    new
                    {
                        person,
                        code,
                        until,
                    },
                    transaction
                );
                return changed == 0 ? null : await EndSessionsAsync(connection, transaction, person);
            },
            cancellation
        );

    /// <summary>
    /// Changes what somebody is here. The last lead stays one: false where nobody would be left who may change this.
    /// </summary>
    public Task<bool> ChangeAsync(AccountRow account, string lead, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    """
                    UPDATE account SET role = @Role, qualification = @Qualification, qualified_until = @QualifiedUntil,
                           closed = @Closed
                    WHERE person = @Person AND ((@Role = @lead AND NOT @Closed) OR EXISTS (
                        SELECT 1 FROM account WHERE role = @lead AND NOT closed AND person <> @Person))
                    """,
                    new
                    {
                        account.Person,
                        account.Role,
                        account.Qualification,
                        account.QualifiedUntil,
                        account.Closed,
                        lead,
                    },
                    transaction
                ) == 1,
            cancellation
        );

    /// <summary>
    /// Erases somebody’s name, with what tells who they are, and ends their account. What they did stays, under “erased”:
    /// the salt goes too, so that a digest in the record proves nobody’s name any more. Gives the sessions that ended;
    /// null where there is no such person, or nobody would be left who leads.
    /// </summary>
    public Task<List<Guid>?> EraseAsync(Guid person, string lead, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                const string erase = """
                    UPDATE person SET name = '', name_key = NULL, salt = zeroblob(0)
                    WHERE id = @person AND (
                        NOT EXISTS (SELECT 1 FROM account WHERE person = @person AND role = @lead AND NOT closed)
                        OR EXISTS (SELECT 1 FROM account WHERE role = @lead AND NOT closed AND person <> @person))
                    """;
                if (await connection.ExecuteAsync(erase, new { person, lead }, transaction) == 0)
                {
                    return null;
                }

                await connection.ExecuteAsync(
                    """
                    UPDATE account SET name_key = NULL, qualification = '', qualified_until = NULL, password = NULL,
                           pin = NULL, code = NULL, code_until = NULL, closed = 1
                    WHERE person = @person
                    """,
                    new { person },
                    transaction
                );
                return await EndSessionsAsync(connection, transaction, person);
            },
            cancellation
        );

    private static async Task<List<Guid>> EndSessionsAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        Guid person
    ) =>
        (
            await connection.QueryAsync<Guid>(
                "DELETE FROM session WHERE person = @person RETURNING id",
                new { person },
                transaction
            )
        ).AsList();
}
