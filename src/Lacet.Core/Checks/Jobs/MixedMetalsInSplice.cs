using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Copper and aluminium, joined in what is not listed for both.</summary>
public sealed class MixedMetalsInSplice() : OfSplice("mixed-metals-in-splice", Harm.Fire);
