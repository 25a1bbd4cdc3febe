namespace Lacet.Store;

/// <summary>A row of job_part as the database gives it.</summary>
internal sealed class JobPartRecord
{
    public string Id { get; init; } = "";

    public string Kind { get; init; } = "";

    public string Body { get; init; } = "";

    public long Version { get; init; }

    public JobPartRow Read() => new(Guid.Parse(Id), Kind, Body, Version);
}
