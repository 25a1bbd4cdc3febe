using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>A wire of a hand splice, and what is bared of it.</summary>
/// <param name="Name">Which, in a few words.</param>
/// <param name="Bare">How much is bared.</param>
/// <param name="InTheMiddle">Whether it is bared as a window in a run that goes on; otherwise at its end.</param>
public sealed record BaredWire(string Name, Length Bare, bool InTheMiddle = false);
