namespace Lacet.Core.Jobs;

/// <summary>A part of a job that is changed as one.</summary>
public interface IJobEntity
{
    /// <summary>Permanent id.</summary>
    Guid Id { get; }

    /// <summary>Its place among its kind, from 1; landings stand in their enclosure in this order.</summary>
    int Order { get; }

    /// <summary>What it is.</summary>
    EntityKind Kind { get; }
}
