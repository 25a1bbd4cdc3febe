using Lacet.Core.People;
using Lacet.Devices;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>
/// Who is signed in. Asked of the store each time, so that what another program or a lead ended is ended at once.
/// </summary>
public sealed class Sessions(SessionsTable sessions, Feed<SessionEnded> ended, TimeProvider time)
{
    /// <summary>That somebody is still there is noted so often at most.</summary>
    private static readonly TimeSpan SeenEvery = TimeSpan.FromMinutes(1);

    private const int LongestBrowser = 200;

    /// <summary>Signs somebody in, in place of who was signed in there; gives the key that shows it.</summary>
    public async Task<string> BeginAsync(
        Guid person,
        Proof proof,
        Screen screen,
        SignedIn? instead,
        CancellationToken cancellation
    )
    {
        var (key, now) = (SessionKey.New(), time.GetUtcNow());
        await sessions.AddAsync(
            SessionKey.Digest(key),
            new()
            {
                Id = Guid.CreateVersion7(now),
                Person = person,
                Proof = Word(proof),
                // Whoever only showed more of who they are works on under the same supervision.
                Supervisor = instead?.Actor.Person == person ? instead.Actor.Supervisor : null,
                Tablet = screen.Tablet,
                BeganAt = now,
                SeenAt = now,
                Address = screen.Address,
                Browser = screen.Browser[..Math.Min(screen.Browser.Length, LongestBrowser)],
            },
            instead?.Session,
            cancellation
        );
        // Whoever hands a screen on knows it there: told as well, the page could ask who is signed in before it has the new
        // key, and take the answer for the end of it. A page that is left open under the old key is found all the same.
        return key;
    }

    /// <summary>Who holds a key; null where it is none, or holds no more.</summary>
    public async Task<SignedIn?> FindAsync(string key, CancellationToken cancellation)
    {
        if (await sessions.FindAsync(SessionKey.Digest(key)) is not { Closed: false } row)
        {
            return null;
        }

        var (proof, now) = (Enum.Parse<Proof>(row.Proof, ignoreCase: true), time.GetUtcNow());
        if (!SessionLimits.Holds(proof, row.BeganAt, row.SeenAt, now))
        {
            await EndAsync(row.Id, null, cancellation);
            return null;
        }

        if (now - row.SeenAt >= SeenEvery)
        {
            await sessions.SeenAsync(row.Id, now, cancellation);
        }

        var isQualified = new Qualification("", row.QualifiedUntil).Holds(time.Today());
        return new(row.Id, row.Name, new(row.Person, Roles.Read(row.Role), proof, isQualified, row.Supervisor));
    }

    /// <summary>Sessions that hold, those that were used last first: of one person, or of all.</summary>
    public async Task<List<SessionRow>> ListAsync(Guid? person)
    {
        var now = time.GetUtcNow();
        return
        [
            .. (await sessions.ListAsync(person)).Where(s =>
                SessionLimits.Holds(Enum.Parse<Proof>(s.Proof, ignoreCase: true), s.BeganAt, s.SeenAt, now)
            ),
        ];
    }

    /// <summary>Whether somebody is still signed in, without taking that for a sign that they are there.</summary>
    public async Task<bool> HoldsAsync(SignedIn who) =>
        (await ListAsync(who.Actor.Person)).Exists(s => s.Id == who.Session);

    /// <summary>Ends one session, or all of a person, on every screen; gives how many there were.</summary>
    public async Task<int> EndAsync(Guid? session, Guid? person, CancellationToken cancellation)
    {
        var gone = await sessions.EndAsync(session, person, cancellation);
        Tell(gone);
        return gone.Count;
    }

    /// <summary>Tells the pages of sessions that ended.</summary>
    internal void Tell(IEnumerable<Guid> gone)
    {
        foreach (var id in gone)
        {
            ended.Tell(new(id));
        }
    }

    private static string Word(Proof proof) => proof.ToString().ToLowerInvariant();
}
