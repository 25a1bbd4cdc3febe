namespace Lacet.Workshop.People;

/// <summary>Where somebody signs in.</summary>
/// <param name="Address">The address in the network.</param>
/// <param name="Browser">What the browser says it is.</param>
/// <param name="Tablet">The shared tablet that it is; null for somebody’s own screen.</param>
public sealed record Screen(string Address, string Browser, Guid? Tablet = null);
