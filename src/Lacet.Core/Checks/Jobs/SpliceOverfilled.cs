using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>More in a connector than it takes.</summary>
public sealed class SpliceOverfilled() : OfSplice("splice-overfilled", Harm.Fire);
