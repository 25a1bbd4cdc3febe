using Lacet.Core.Conductors;

namespace Lacet.Core.Cords;

/// <summary>What is seen of a conductor of a cord.</summary>
/// <param name="Colour">Its colour; null where nobody said, or where all are alike.</param>
/// <param name="Cues">What else is seen.</param>
public sealed record SeenConductor(InsulationColour? Colour, IReadOnlyCollection<IdentityCue> Cues);
