using System.Security.Cryptography;
using System.Text.Json;

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

    /// <summary>Walks the chain from its first event.</summary>
    public static ChainReport Verify(IEnumerable<SealedEvent> events)
    {
        var (head, expected) = (Origin, 1L);
        foreach (var sealedEvent in events)
        {
            if (Fault(sealedEvent, head, expected) is { } fault)
            {
                return new ChainReport(expected - 1, head, sealedEvent.Sequence, fault);
            }

            (head, expected) = (sealedEvent.Hash, expected + 1);
        }

        var count = expected - 1;
        return new ChainReport(count, head, null, count switch
        {
            0 => "Nothing is recorded yet.",
            1 => "The one event is as it was received.",
            _ => $"All {count} events are as they were received, in their order.",
        });
    }

    private static string? Fault(SealedEvent sealedEvent, string head, long expected)
    {
        if (sealedEvent.Sequence != expected)
        {
            return $"Event {expected} is missing.";
        }

        if (!string.Equals(Of(sealedEvent.Bytes.Span), sealedEvent.Hash, StringComparison.Ordinal))
        {
            return $"Event {expected} was changed after it was received.";
        }

        using var json = JsonDocument.Parse(sealedEvent.Bytes);
        return json.RootElement.TryGetProperty("sequence", out var sequence) && sequence.TryGetInt64(out var named) && named == expected
            && json.RootElement.TryGetProperty("previous", out var previous)
            && string.Equals(previous.GetString(), head, StringComparison.Ordinal)
            ? null
            : $"Event {expected} does not follow the event before it.";
    }
}
