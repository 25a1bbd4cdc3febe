using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>A half-lapped layer of tape.</summary>
/// <param name="Tape">Which tape, in a few words.</param>
/// <param name="Width">Its width.</param>
/// <param name="Covers">How much of the wire it covers.</param>
/// <param name="TapeLength">How much tape it takes.</param>
/// <param name="Thickness">What it adds to the radius.</param>
public sealed record TapeLayer(string Tape, Length Width, Length Covers, Length TapeLength, Length Thickness);
