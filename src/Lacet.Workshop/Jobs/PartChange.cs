using System.Text.Json.Serialization;
using Lacet.Core.Jobs;
using Lacet.Core.People;

namespace Lacet.Workshop.Jobs;

/// <summary>A change of one part.</summary>
/// <param name="Put">The part as it is to be; null to take one out.</param>
/// <param name="Remove">The part that is taken out; null to put one in.</param>
/// <param name="Version">The version that was seen; null for one that is new.</param>
public sealed record PartChange(JobPart? Put = null, Guid? Remove = null, long? Version = null)
{
    /// <summary>
    /// The right that it needs. What was found or measured is kept by whoever records; the rest of a job is its lead’s.
    /// </summary>
    [JsonIgnore]
    public Right Needs => Put is JobPinMap or JobCord ? Right.Record : Right.ChangeJobs;
}
