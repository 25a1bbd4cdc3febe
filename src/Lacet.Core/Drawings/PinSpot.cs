namespace Lacet.Core.Drawings;

/// <summary>A pin of a connector's face, mm.</summary>
/// <param name="Pin">Its number.</param>
/// <param name="X">Where its middle is.</param>
/// <param name="Y">Where its middle is.</param>
public sealed record PinSpot(int Pin, double X, double Y);
