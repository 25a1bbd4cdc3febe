namespace Lacet.Core.Records;

/// <summary>A person’s own lock on an enclosure’s sources: as long as it hangs, nobody puts power back.</summary>
/// <param name="Person">Whose.</param>
/// <param name="Number">The lock’s number.</param>
/// <param name="Since">Since when.</param>
public sealed record OwnLock(Guid Person, string Number, DateTimeOffset Since);
