using Lacet.Core.People;

namespace Lacet.Workshop.People;

/// <summary>Somebody who is signed in.</summary>
/// <param name="Session">Which of the sessions it is.</param>
/// <param name="Name">Their name.</param>
/// <param name="Actor">Who they are, and what they may do.</param>
public sealed record SignedIn(Guid Session, string Name, Actor Actor);
