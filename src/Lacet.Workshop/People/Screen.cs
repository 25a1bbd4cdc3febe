namespace Lacet.Workshop.People;

/// <summary>Where somebody signs in.</summary>
/// <param name="Address">The address in the network.</param>
/// <param name="Browser">What the browser says it is.</param>
public sealed record Screen(string Address, string Browser);
