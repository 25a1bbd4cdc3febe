namespace Lacet.Core.Jobs;

/// <summary>A change of one part of a job.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Id">Which.</param>
/// <param name="After">How it is to be; null takes it out.</param>
public sealed record EntityChange(EntityKind Kind, Guid Id, JobPart? After)
{
    /// <summary>Puts a part in, new or changed.</summary>
    public static EntityChange Put(JobPart after) => new(after.Kind, after.Id, after);

    /// <summary>Takes a part out.</summary>
    public static EntityChange Remove(JobPart before) => new(before.Kind, before.Id, null);
}
