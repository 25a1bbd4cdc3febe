using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>What a row's cells say of its conductor.</summary>
/// <param name="Conductor">The conductor; null where they name no size, or none that is known.</param>
/// <param name="Colour">Its colour; null where they say none.</param>
/// <param name="Length">Its length, where it stands beside the size or the type; null where it does not.</param>
/// <param name="Make">What they say of a cable or cord; null where they say a single wire.</param>
internal sealed record CellsOfConductor(
    Conductor? Conductor,
    InsulationColour? Colour,
    Length? Length,
    WireReading? Make
);
