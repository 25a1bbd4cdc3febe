namespace Lacet.Core.Records;

/// <summary>An event as it lies in the store: the exact bytes, and what was kept beside them.</summary>
/// <param name="Sequence">Its place in the chain, from 1.</param>
/// <param name="Bytes">UTF-8 JSON; it names its own sequence and the hash of the event before.</param>
/// <param name="Hash">The hash that was kept at receipt.</param>
/// <param name="Beside">What it is found by; null where only the chain is walked.</param>
public sealed record SealedEvent(long Sequence, ReadOnlyMemory<byte> Bytes, string Hash, EventColumns? Beside = null);
