using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A ribbed conductor of a twin cord joined to a smooth one.</summary>
public sealed class SpliceTwinCrossed() : OfSplice("splice-twin-crossed", Harm.Shock);
