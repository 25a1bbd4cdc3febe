using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>A measurement with the cord unplugged at both ends.</summary>
/// <param name="From">Where one probe is.</param>
/// <param name="To">Where the other is.</param>
/// <param name="Expect">What tells that they are one conductor, and what that they are not.</param>
/// <param name="Role">What the bare end that beeps is for; unknown where the step tells none from another.</param>
public sealed record MeterStep(Term From, Term To, Term Expect, CordRole Role);
