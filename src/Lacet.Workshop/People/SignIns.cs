using System.Threading.RateLimiting;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>
/// Lets people in who show who they are, and slows down whoever tries: by account, so that many tablets guess no faster
/// than one, and by address, so that one that guesses at everybody is slow too.
/// </summary>
public sealed class SignIns(
    AccountsTable table,
    Accounts accounts,
    Sessions sessions,
    SecretHash hash,
    FirstLead first,
    TimeProvider time
) : IDisposable
{
    private const string DoNotBelong = "That name and that password do not belong together.";
    private const string WrongCode =
        "That code is not good for that name, or not any more. A lead gives another one, or ./lacet person reset does.";

    /// <summary>Wrong ones of one address in a while.</summary>
    private readonly PartitionedRateLimiter<string> _addresses = PartitionedRateLimiter.Create<string, string>(
        address => RateLimitPartition.GetSlidingWindowLimiter(address, _ => new()
                {
                    PermitLimit = 30,
                    Window = TimeSpan.FromMinutes(3),
                    SegmentsPerWindow = 6,
                    QueueLimit = 0,
                })
    );

    /// <summary>Signs in by name and password.</summary>
    public async Task<SignInOutcome> ByPasswordAsync(
        string name,
        string password,
        Screen screen,
        SignedIn? instead,
        CancellationToken cancellation
    )
    {
        var account = await accounts.FindAsync(name);
        return await TryAsync(account, isPin: false, account?.Password, password, screen, cancellation)
            ?? await WelcomeAsync(account!, Proof.Password, screen, instead, cancellation);
    }

    /// <summary>Signs in by PIN, on a tablet that a lead paired.</summary>
    public async Task<SignInOutcome> ByPinAsync(
        Guid person,
        string pin,
        Screen screen,
        SignedIn? instead,
        CancellationToken cancellation
    )
    {
        if (screen.Tablet is null)
        {
            return new SignInOutcome.Wrong("A PIN is taken on a paired tablet only. Sign in with your password.");
        }

        var account = await table.FindAsync(person);
        if (account?.WrongPins >= Attempts.MostOfPin)
        {
            return new SignInOutcome.Wrong(
                "That PIN was typed wrong too often. Sign in with your password once; then the PIN is good again."
            );
        }

        var refused = await TryAsync(account, isPin: true, account?.Pin, pin, screen, cancellation);
        return refused is SignInOutcome.Wrong
            ? new SignInOutcome.Wrong("That is not the PIN.")
            : refused ?? await WelcomeAsync(account!, Proof.Pin, screen, instead, cancellation);
    }

    /// <summary>Shows by the password who is signed in already, which more may be done with.</summary>
    public async Task<SignInOutcome> ConfirmAsync(
        SignedIn who,
        string password,
        Screen screen,
        CancellationToken cancellation
    )
    {
        var account = await table.FindAsync(who.Actor.Person);
        return await TryAsync(account, isPin: false, account?.Password, password, screen, cancellation)
            ?? await WelcomeAsync(account!, Proof.Password, screen, who, cancellation);
    }

    /// <summary>Signs in by a code that is good once, and sets what is signed in with from then on.</summary>
    public async Task<SignInOutcome> ByCodeAsync(
        string name,
        string code,
        NewSecrets secrets,
        Screen screen,
        SignedIn? instead,
        CancellationToken cancellation
    )
    {
        NeedPassword(secrets);
        Accounts.Check(secrets, name);
        if (await first.IsAwaitedAsync())
        {
            return Refuses(screen) is { } tooMany ? tooMany
                : first.Is(code)
                && await accounts.AddAsync(new(name, Role.Lead), secrets, onlyFirst: true, cancellation) is { } lead
                    ? await WelcomeAsync(lead, Proof.Password, screen, instead, cancellation)
                : Count(screen, WrongCode);
        }

        var account = await accounts.FindAsync(name);
        var good = account?.CodeUntil > time.GetUtcNow() ? account.Code : null;
        if (await TryAsync(account, isPin: false, good, Codes.Plain(code), screen, cancellation) is { } refused)
        {
            return refused is SignInOutcome.Wrong ? new SignInOutcome.Wrong(WrongCode) : refused;
        }

        return await accounts.SetSecretsAsync(account!, secrets, good, cancellation)
            ? await WelcomeAsync(account!, Proof.Password, screen, instead, cancellation)
            : new SignInOutcome.Wrong(WrongCode);
    }

    /// <summary>
    /// Sets another password or PIN for somebody who shows the one they have. They stay signed in here, and nowhere
    /// else.
    /// </summary>
    public async Task<SignInOutcome> ChangeSecretsAsync(
        SignedIn who,
        string password,
        NewSecrets secrets,
        Screen screen,
        CancellationToken cancellation
    )
    {
        var account = await table.FindAsync(who.Actor.Person);
        if (await TryAsync(account, isPin: false, account?.Password, password, screen, cancellation) is { } refused)
        {
            return refused;
        }

        await accounts.SetSecretsAsync(account!, secrets, null, cancellation);
        foreach (var other in await sessions.ListAsync(who.Actor.Person))
        {
            if (other.Id != who.Session)
            {
                await sessions.EndAsync(other.Id, null, cancellation);
            }
        }

        return await WelcomeAsync(account!, Proof.Password, screen, who, cancellation);
    }

    /// <summary>
    /// Whether what was typed is right; null where it is. Every attempt is counted before it is looked at: many at once
    /// are no way round the waiting.
    /// </summary>
    private async Task<SignInOutcome?> TryAsync(
        AccountRow? account,
        bool isPin,
        string? stored,
        string typed,
        Screen screen,
        CancellationToken cancellation
    )
    {
        if (Refuses(screen) is { } tooMany)
        {
            return tooMany;
        }

        if (account is { Closed: false })
        {
            var (wrong, at) = isPin ? (account.WrongPins, account.WrongPinAt) : (account.Wrong, account.WrongAt);
            // A clock that was put back must not keep anybody out for longer than the wait itself.
            var wait = Attempts.Wait(wrong);
            var left = at + wait - time.GetUtcNow();
            if (left > TimeSpan.Zero && left <= wait)
            {
                return TooMany(left.Value);
            }

            if (!await table.CountAttemptAsync(account.Person, isPin, wrong, cancellation))
            {
                return TooMany(TimeSpan.FromSeconds(1));
            }
        }

        if (!await hash.IsAsync(account is { Closed: false } ? stored : null, typed, cancellation))
        {
            return Count(screen, DoNotBelong);
        }

        await table.ForgiveAsync(account!.Person, isPin, cancellation);
        return null;
    }

    private static SignInOutcome.TooMany TooMany(TimeSpan wait) =>
        new(
            $"That was wrong too often. The next attempt is taken in {Math.Ceiling(wait.TotalSeconds):0} seconds.",
            wait
        );

    /// <summary>What is said to an address from which too much came that was wrong; null where it is heard.</summary>
    public SignInOutcome.TooMany? Refuses(Screen screen)
    {
        using var any = _addresses.AttemptAcquire(screen.Address, 0);
        return any.IsAcquired
            ? null
            : new("Too much that was wrong came from this address. Wait a minute.", TimeSpan.FromMinutes(1));
    }

    /// <summary>Something wrong came from an address; gives what is said to it.</summary>
    public SignInOutcome.Wrong Count(Screen screen, string says)
    {
        _addresses.AttemptAcquire(screen.Address).Dispose();
        return new(says);
    }

    private async Task<SignInOutcome> WelcomeAsync(
        AccountRow account,
        Proof proof,
        Screen screen,
        SignedIn? instead,
        CancellationToken cancellation
    ) => new SignInOutcome.Welcome(await sessions.BeginAsync(account.Person, proof, screen, instead, cancellation));

    private static void NeedPassword(NewSecrets secrets)
    {
        if (secrets.Password is null)
        {
            throw new ImpossibleInputException("password", "Choose a password.");
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _addresses.Dispose();
}
