using Lacet.Core.Landings;

namespace Lacet.Core.Jobs;

/// <summary>A job's own data.</summary>
/// <param name="Id">The job's id.</param>
/// <param name="Name">What it is called.</param>
public sealed record JobTitle(Guid Id, string Name) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Title;

    /// <summary>What is being done.</summary>
    public JobPurpose Purpose { get; init; }

    /// <summary>A line of one's own.</summary>
    public string? Note { get; init; }

    /// <summary>The house rules that the job is done by.</summary>
    public HouseRules Rules { get; init; } = HouseRules.Default;
}
