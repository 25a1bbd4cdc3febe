namespace Lacet.Core.Conductors;

/// <summary>One conductor of a cable or cord, by its colour.</summary>
/// <param name="Colour">Its colour; null where no table gives it, as where conductors are numbered.</param>
/// <param name="IsEarth">Whether it is the earth.</param>
public sealed record CableCore(InsulationColour? Colour, bool IsEarth);
