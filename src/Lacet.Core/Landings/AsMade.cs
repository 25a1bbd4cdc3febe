using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>How an end really is, as far as somebody measured or saw it.</summary>
/// <param name="MeasuredStrip">The strip length that was measured; null where nobody did.</param>
/// <param name="Tightening">How it was tightened; null where it is not tightened yet.</param>
public sealed record AsMade(Length? MeasuredStrip, Tightening? Tightening);
