using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>Who may work here, and as what.</summary>
public sealed class Accounts(AccountsTable accounts, Sessions sessions, SecretHash hash, TimeProvider time)
{
    private const int LongestName = 80;
    private const int LongestQualification = 200;

    /// <summary>What is said where somebody of that name is there already.</summary>
    private const string NameIsTaken =
        "Somebody of that name works here already. Add what tells them apart, such as a second name.";

    private const string LastLead = "Nobody else leads here: make somebody else a lead first.";

    private const string NoSuchPerson = "There is no such person.";

    /// <summary>Adds somebody; gives them, and the code that lets them in once.</summary>
    public async Task<Outcome<AddedPerson>> AddAsync(NewAccount added, CancellationToken cancellation)
    {
        var code = Codes.New();
        var row = Row(added) with
        {
            Code = await hash.OfAsync(Codes.Plain(code), cancellation),
            CodeUntil = time.GetUtcNow() + Codes.Life,
        };
        if (await accounts.AddAsync(row, PlainText.NameKey(row.Name), onlyFirst: false, cancellation))
        {
            return new Outcome<AddedPerson>.Done(new(row, code));
        }

        // Sent again because no answer came: the code of the first time was shown to nobody.
        return
            await accounts.FindAsync(row.Person) is { Password: null } same
            && string.Equals(same.Name, row.Name, StringComparison.Ordinal)
            ? await ResetAsync(row.Person, cancellation)
            : new Outcome<AddedPerson>.Conflict(NameIsTaken);
    }

    /// <summary>Adds somebody who has their secrets already; null where somebody came before them.</summary>
    public async Task<AccountRow?> AddAsync(
        NewAccount added,
        NewSecrets secrets,
        bool onlyFirst,
        CancellationToken cancellation
    )
    {
        var row = Row(added);
        Check(secrets, row.Name);
        row = row with
        {
            Password = await HashAsync(secrets.Password, cancellation),
            Pin = await HashAsync(secrets.Pin, cancellation),
        };
        return await accounts.AddAsync(row, PlainText.NameKey(row.Name), onlyFirst, cancellation) ? row : null;
    }

    /// <summary>Somebody of a name, however it is typed; null where nobody has it.</summary>
    public Task<AccountRow?> FindAsync(string name) => accounts.FindAsync(PlainText.NameKey(name));

    /// <summary>Somebody by id.</summary>
    public Task<AccountRow?> FindAsync(Guid person) => accounts.FindAsync(person);

    /// <summary>Everybody, who works here no more last.</summary>
    public Task<List<AccountRow>> AllAsync() => accounts.AllAsync();

    /// <summary>Changes as what somebody works here, or that they do no more; then they are signed out everywhere.</summary>
    public async Task<Outcome<AccountRow>> ChangeAsync(
        Guid person,
        ChangedAccount changed,
        CancellationToken cancellation
    )
    {
        if (await accounts.FindAsync(person) is not { IsErased: false } before)
        {
            return new Outcome<AccountRow>.Missing(NoSuchPerson);
        }

        var after = before with
        {
            Role = Roles.Word(changed.Role),
            Qualification = CheckedQualification(changed.Qualification),
            QualifiedUntil = changed.QualifiedUntil,
            Closed = changed.Closed,
        };
        if (!await accounts.ChangeAsync(after, Roles.Word(Role.Lead), cancellation))
        {
            return new Outcome<AccountRow>.Conflict(LastLead);
        }

        if (after.Closed)
        {
            await sessions.EndAsync(null, person, cancellation);
        }

        return new Outcome<AccountRow>.Done(after);
    }

    /// <summary>
    /// Gives somebody who forgot their password a code that lets them in once; what they had is good no more, and they
    /// are signed out everywhere.
    /// </summary>
    public async Task<Outcome<AddedPerson>> ResetAsync(Guid person, CancellationToken cancellation)
    {
        var code = Codes.New();
        var stored = await hash.OfAsync(Codes.Plain(code), cancellation);
        if (
            await accounts.ResetAsync(person, stored, time.GetUtcNow() + Codes.Life, cancellation) is not { } ended
            || await accounts.FindAsync(person) is not { } row
        )
        {
            return new Outcome<AddedPerson>.Missing(NoSuchPerson);
        }

        sessions.Tell(ended);
        return new Outcome<AddedPerson>.Done(new(row, code));
    }

    /// <summary>
    /// Erases somebody’s name for good. What they did stays in the record, whose chain still closes.
    /// </summary>
    public async Task<Outcome<Guid>> EraseAsync(Guid person, CancellationToken cancellation)
    {
        if (await accounts.FindAsync(person) is not { IsErased: false })
        {
            return new Outcome<Guid>.Missing(NoSuchPerson);
        }

        if (await accounts.EraseAsync(person, Roles.Word(Role.Lead), cancellation) is not { } ended)
        {
            return new Outcome<Guid>.Conflict(LastLead);
        }

        sessions.Tell(ended);
        return new Outcome<Guid>.Done(person);
    }

    /// <summary>
    /// Sets what somebody signs in with; false where <paramref name="code"/>, the hash of the one they used, is good no
    /// more.
    /// </summary>
    internal async Task<bool> SetSecretsAsync(
        AccountRow account,
        NewSecrets secrets,
        string? code,
        CancellationToken cancellation
    )
    {
        Check(secrets, account.Name);
        return await accounts.SetSecretsAsync(
            account.Person,
            await HashAsync(secrets.Password, cancellation),
            await HashAsync(secrets.Pin, cancellation),
            code,
            cancellation
        );
    }

    /// <summary>Throws where a password or a PIN will not do.</summary>
    internal static void Check(NewSecrets secrets, string name)
    {
        if (
            secrets.Password is { } password
            && (Secrets.PasswordProblem(password, name) ?? CommonPasswords.Problem(password, name)) is { } weak
        )
        {
            throw new ImpossibleInputException("password", weak);
        }

        if (secrets.Pin is { } pin && Secrets.PinProblem(pin) is { } guessed)
        {
            throw new ImpossibleInputException("pin", guessed);
        }
    }

    private async Task<string?> HashAsync(string? secret, CancellationToken cancellation) =>
        secret is null ? null : await hash.OfAsync(secret, cancellation);

    private AccountRow Row(NewAccount added)
    {
        var name = PlainText.Name(added.Name);
        return name.Length is 0 or > LongestName
            ? throw new ImpossibleInputException("name", $"A name has 1 to {LongestName} characters.")
            : new()
            {
                Person = added.Id ?? Guid.CreateVersion7(time.GetUtcNow()),
                Name = name,
                Role = Roles.Word(added.Role),
                Qualification = CheckedQualification(added.Qualification),
                QualifiedUntil = added.QualifiedUntil,
            };
    }

    private static string CheckedQualification(string typed) =>
        PlainText.Cell(typed) is { Length: <= LongestQualification } text
            ? text
            : throw new ImpossibleInputException(
                "qualification",
                $"A qualification has up to {LongestQualification} characters."
            );
}
