using Lacet.Core.Records;

namespace Lacet.Store;

/// <summary>Where an event comes to stand, known when it is appended.</summary>
/// <param name="Sequence">Its place in the chain, from 1.</param>
/// <param name="Previous">The hash of the event before.</param>
/// <param name="Clock">What is odd about its time.</param>
public sealed record EventPlace(long Sequence, string Previous, IReadOnlyList<ClockOddity> Clock);
