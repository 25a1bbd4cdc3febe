using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Fine strands in a connector that pushes them aside.</summary>
public sealed class SpliceNotForStrands() : OfSplice("splice-not-for-strands", Harm.Fit);
