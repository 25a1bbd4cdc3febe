using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Less in a connector than it holds.</summary>
public sealed class SpliceUnderfilled() : OfSplice("splice-underfilled", Harm.Fire);
