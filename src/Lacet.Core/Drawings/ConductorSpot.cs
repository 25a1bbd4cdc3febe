namespace Lacet.Core.Drawings;

/// <summary>A conductor on the drawing of a cord, where it is tapped, mm.</summary>
/// <param name="Conductor">Which, from 0.</param>
/// <param name="X">Where its middle is.</param>
/// <param name="Y">Where its middle is.</param>
public sealed record ConductorSpot(int Conductor, double X, double Y);
