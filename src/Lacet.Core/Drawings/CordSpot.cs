using Lacet.Core.Cords;

namespace Lacet.Core.Drawings;

/// <summary>A place to look at on the drawing of a cord, mm.</summary>
/// <param name="Place">Which.</param>
/// <param name="X">Where its middle is.</param>
/// <param name="Y">Where its middle is.</param>
public sealed record CordSpot(CordPlace Place, double X, double Y);
