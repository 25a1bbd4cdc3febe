using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A joint that water gets into.</summary>
public sealed class SpliceNotSealed() : OfSplice("splice-not-sealed", Harm.Fire);
