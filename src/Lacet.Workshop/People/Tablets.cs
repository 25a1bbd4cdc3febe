using System.Collections.Concurrent;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>
/// Tablets that several people share. A lead shows a code on their own screen, the tablet takes it, and from then on a
/// PIN is enough on it.
/// </summary>
public sealed class Tablets(TabletsTable tablets, Sessions sessions, TimeProvider time)
{
    /// <summary>How long a code on a lead’s screen is good.</summary>
    public static readonly TimeSpan CodeLife = TimeSpan.FromMinutes(10);

    private const int LongestName = 60;

    /// <summary>Codes that are shown just now. A server that starts anew has forgotten them: they are shown again.</summary>
    private readonly ConcurrentDictionary<string, Offered> _offers = new(StringComparer.Ordinal);

    /// <summary>A code by which one tablet is paired.</summary>
    public string Offer(string name, Guid by)
    {
        var plain = PlainText.Name(name);
        if (plain.Length is 0 or > LongestName)
        {
            throw new ImpossibleInputException("name", $"A tablet’s name has 1 to {LongestName} characters.");
        }

        var now = time.GetUtcNow();
        foreach (var (old, offer) in _offers)
        {
            if (offer.Until <= now)
            {
                _offers.TryRemove(old, out _);
            }
        }

        var code = Codes.New();
        _offers[Codes.Plain(code)] = new(plain, by, now + CodeLife);
        return code;
    }

    /// <summary>Pairs a tablet; gives the key that it keeps, null where the code is good no more.</summary>
    public async Task<string?> PairAsync(string code, CancellationToken cancellation)
    {
        if (!_offers.TryRemove(Codes.Plain(code), out var offer) || offer.Until <= time.GetUtcNow())
        {
            return null;
        }

        var key = SessionKey.New();
        await tablets.AddAsync(
            SessionKey.Digest(key),
            new()
            {
                Id = Guid.CreateVersion7(time.GetUtcNow()),
                Name = offer.Name,
                PairedBy = offer.By,
                PairedAt = time.GetUtcNow(),
            },
            cancellation
        );
        return key;
    }

    /// <summary>The tablet that holds a key; null where it is none, or was unpaired.</summary>
    public async Task<TabletRow?> FindAsync(string? key) =>
        key is null ? null : await tablets.FindAsync(SessionKey.Digest(key));

    /// <summary>All of them.</summary>
    public Task<List<TabletRow>> AllAsync() => tablets.AllAsync();

    /// <summary>Unpairs one: whoever is signed in on it is no more.</summary>
    public async Task<bool> RemoveAsync(Guid id, CancellationToken cancellation)
    {
        if (await tablets.RemoveAsync(id, cancellation) is not { } ended)
        {
            return false;
        }

        sessions.Tell(ended);
        return true;
    }

    private sealed record Offered(string Name, Guid By, DateTimeOffset Until);
}
