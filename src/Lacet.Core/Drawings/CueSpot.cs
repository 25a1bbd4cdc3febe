using Lacet.Core.Cords;

namespace Lacet.Core.Drawings;

/// <summary>A place on the drawing of a cord where something about one of its conductors can be seen, mm.</summary>
/// <param name="Cue">What can be seen there.</param>
/// <param name="Conductor">Which conductor alone it is about, from 0; null where any may be there.</param>
/// <param name="X">Where its middle is.</param>
/// <param name="Y">Where its middle is.</param>
public sealed record CueSpot(IdentityCue Cue, int? Conductor, double X, double Y);
