using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A combination that a connector’s sheet does not list.</summary>
public sealed class SpliceNotListed() : OfSplice("splice-not-listed", Harm.Fit);
