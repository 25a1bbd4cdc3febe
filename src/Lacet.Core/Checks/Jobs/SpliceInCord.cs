using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A splice in a flexible cord.</summary>
public sealed class SpliceInCord() : OfSplice("splice-in-cord", Harm.Fire);
