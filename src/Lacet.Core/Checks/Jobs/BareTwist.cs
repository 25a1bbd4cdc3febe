using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A twist that nothing finishes.</summary>
public sealed class BareTwist() : OfSplice("bare-twist", Harm.Fire);
