using Dapper;
using Lacet.Core.Quantities;

namespace Lacet.Store;

/// <summary>The table of people: those with an account, and the names that were only typed before there were any.</summary>
public sealed class PeopleTable(LacetDatabase database)
{
    /// <summary>A name where it is read: one that was erased says so.</summary>
    internal const string NameSaid = "coalesce(nullif(p.name, ''), 'erased')";

    /// <summary>A person by id; null where there is none.</summary>
    public Task<PersonRow?> FindAsync(Guid id) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<PersonRow>(
                $"SELECT p.id, {NameSaid} AS Name, p.proved, p.salt FROM person p WHERE p.id = @id",
                new { id }
            )
        );

    /// <summary>
    /// Names that were only typed, by name, each with the person that a lead’s word joined it to last, as far as that
    /// stands.
    /// </summary>
    public Task<List<TypedNameRow>> TypedAsync() =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<TypedNameRow>(
                    """
                    SELECT p.id, p.name, (
                        SELECT j.person FROM joined_name j JOIN event e ON e.id = j.event
                        WHERE j.typed = p.id AND NOT EXISTS (SELECT 1 FROM event w WHERE w.corrects = j.event)
                        ORDER BY e.sequence DESC LIMIT 1
                    ) AS Person
                    FROM person p
                    WHERE p.name <> '' AND NOT EXISTS (SELECT 1 FROM account a WHERE a.person = p.id)
                    ORDER BY p.name
                    """
                )
            ).AsList()
        );

    /// <summary>Who acts; throws <see cref="ImpossibleInputException"/> where nobody has this id.</summary>
    public async Task<PersonRow> KnownAsync(Guid person) =>
        await FindAsync(person) ?? throw new ImpossibleInputException("person", "Nobody has this id.");

    /// <summary>The names of all who ever did something here.</summary>
    public Task<Dictionary<Guid, string>> NamesAsync() =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<(Guid Id, string Name)>($"SELECT p.id, {NameSaid} FROM person p")
            ).ToDictionary(p => p.Id, p => p.Name)
        );
}
