using Lacet.Core.Jobs;

namespace Lacet.Workshop.Jobs;

/// <summary>A change of one part.</summary>
/// <param name="Put">The part as it is to be; null to take one out.</param>
/// <param name="Remove">The part that is taken out; null to put one in.</param>
/// <param name="Version">The version that was seen; null for one that is new.</param>
public sealed record PartChange(JobPart? Put = null, Guid? Remove = null, long? Version = null);
