namespace Lacet.Core.Cords;

/// <summary>One way to put a cord right.</summary>
/// <param name="Parts">What the parts cost, in whatever money the prices are.</param>
/// <param name="Minutes">How long it takes.</param>
/// <param name="Cost">Parts and time together.</param>
public sealed record CordWay(double Parts, double Minutes, double Cost);
