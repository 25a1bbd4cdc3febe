namespace Lacet.Workshop.People;

/// <summary>Somebody is signed out on some screen.</summary>
/// <param name="Session">Which session ended.</param>
public sealed record SessionEnded(Guid Session);
