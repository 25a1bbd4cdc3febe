namespace Lacet.Core.Records;

/// <summary>An event that is not as it was received.</summary>
/// <param name="Sequence">Where.</param>
/// <param name="Says">What is wrong, in a sentence.</param>
public sealed record ChainFault(long Sequence, string Says);
