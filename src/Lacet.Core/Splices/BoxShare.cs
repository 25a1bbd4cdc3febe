using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>What something takes of a box's volume.</summary>
/// <param name="What">What it is, in a few words.</param>
/// <param name="Allowances">How many conductors it counts as.</param>
/// <param name="CubicInches">in³ in all.</param>
/// <param name="Source">The section.</param>
public sealed record BoxShare(Term What, double Allowances, double CubicInches, string Source);
