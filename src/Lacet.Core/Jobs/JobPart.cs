namespace Lacet.Core.Jobs;

/// <summary>A part of a job that is changed as one. It is the same record in memory, in the store and on the wire.</summary>
/// <param name="Id">Permanent id.</param>
public abstract record JobPart(Guid Id)
{
    /// <summary>Its place among its kind, from 1; landings stand in their enclosure in this order.</summary>
    public int Order { get; init; }

    /// <summary>What it is.</summary>
    public abstract EntityKind Kind { get; }
}
