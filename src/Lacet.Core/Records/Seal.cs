using System.Security.Cryptography;

namespace Lacet.Core.Records;

/// <summary>
/// The seal of the record. Every event names the hash (SHA-256, hexadecimal) of the one before, so nobody can change,
/// drop or slip in an event without breaking every link after it. It proves no silent change after a head hash was
/// printed; it does not prove that what was recorded was true.
/// </summary>
public static class Seal
{
    /// <summary>What the first event names as the one before it.</summary>
    public static string Origin { get; } = new('0', 64);

    /// <summary>The hash of an event's exact bytes.</summary>
    public static string Of(ReadOnlySpan<byte> bytes) => Convert.ToHexStringLower(SHA256.HashData(bytes));

    /// <summary>
    /// A salted digest, by which an event can hold to a name or a text that lies outside it and can be erased.
    /// </summary>
    public static string Digest(ReadOnlySpan<byte> salt, string text) =>
        Convert.ToHexStringLower(HMACSHA256.HashData(salt, System.Text.Encoding.UTF8.GetBytes(text)));

    /// <summary>
    /// Walks the chain from its first event to its last, past whatever does not hold.
    /// </summary>
    /// <param name="events">The events, by their place.</param>
    /// <param name="nameHolds">
    /// Whether a person’s name is still the one with that digest; true too where it was erased. Null looks at no names.
    /// </param>
    /// <param name="progress">Told how many events were walked.</param>
    public static ChainReport Verify(
        IEnumerable<SealedEvent> events,
        Func<Guid, string, bool>? nameHolds = null,
        IProgress<long>? progress = null
    )
    {
        var faults = new List<ChainFault>();
        var (head, expected, count) = (Origin, 1L, 0L);
        foreach (var sealedEvent in events)
        {
            foreach (var fault in FaultsOf(sealedEvent, head, expected, nameHolds))
            {
                if (faults.Count < ChainReport.MostFaults)
                {
                    faults.Add(new(sealedEvent.Sequence, fault));
                }
            }

            (head, expected, count) = (sealedEvent.Hash, Math.Max(expected, sealedEvent.Sequence) + 1, count + 1);
            progress?.Report(count);
        }

        return new(
            count,
            head,
            faults,
            (faults.Count, count) switch
            {
                (1, _) => faults[0].Says,
                (> 1, _) =>
                    $"{faults[0].Says} {faults.Count - 1} more {(faults.Count == 2 ? "thing is" : "things are")} wrong after it.",
                (_, 0) => "Nothing is recorded yet.",
                (_, 1) => "The one event is as it was received.",
                _ => $"All {count} events are as they were received, in their order.",
            }
        );
    }

    private static IEnumerable<string> FaultsOf(
        SealedEvent sealedEvent,
        string head,
        long expected,
        Func<Guid, string, bool>? nameHolds
    )
    {
        var place = sealedEvent.Sequence;
        if (place != expected)
        {
            yield return place < expected ? $"Event {place} stands out of its place."
            : place == expected + 1 ? $"Event {expected} is missing."
            : $"Events {expected} to {place - 1} are missing.";
        }

        if (!string.Equals(Of(sealedEvent.Bytes.Span), sealedEvent.Hash, StringComparison.Ordinal))
        {
            yield return $"Event {place} was changed after it was received.";
            yield break;
        }

        if (SealedMembers.Read(sealedEvent.Bytes) is not { } members)
        {
            yield return $"Event {place} cannot be read.";
            yield break;
        }

        // Where an event is missing, the one after it is not blamed as well.
        if (
            members.Sequence != place
            || (place == expected && !string.Equals(members.Previous, head, StringComparison.Ordinal))
        )
        {
            yield return $"Event {place} does not follow the event before it.";
        }

        if (sealedEvent.Beside is { } beside && !members.Are(beside))
        {
            yield return $"What event {place} is found by, its end or what it takes back, is not what was sealed.";
        }

        foreach (var (person, digest) in nameHolds is null ? [] : members.Names)
        {
            if (!nameHolds!(person, digest))
            {
                yield return $"A person of event {place} does not bear the name that was sealed.";
            }
        }
    }
}
