using Lacet.Core.Quantities;

namespace Lacet.Core.Ferrules;

/// <summary>A ferrule that a list or a hand already chose, as far as it is known.</summary>
/// <param name="SizeMm2">The size printed on it, mm²; null where nobody said.</param>
/// <param name="Pin">Length of its metal tube; null where nobody said.</param>
/// <param name="Collar">Its collar; null where nobody said.</param>
public sealed record GivenFerrule(double? SizeMm2 = null, Length? Pin = null, Collar? Collar = null);
