namespace Lacet.Store;

/// <summary>What became of an event that was sent.</summary>
/// <param name="Appended">Stored, repeated or in conflict.</param>
/// <param name="Event">The event, as it is stored; null where it is in conflict.</param>
/// <param name="Change">The change of its job that was stored with it; null where there was none, or nothing was
/// stored.</param>
public sealed record AppendedEvent(Appended Appended, StoredEvent? Event, AppliedChange? Change = null);
