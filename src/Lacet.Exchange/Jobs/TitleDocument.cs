using System.Text.Json.Serialization;
using Lacet.Core.Jobs;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>A job's own data.</summary>
public sealed record TitleDocument : JobPartDocument
{
    /// <summary>What it is called.</summary>
    public required string Name { get; init; }

    /// <summary>work or survey.</summary>
    public JobPurpose Purpose { get; init; }

    /// <summary>A line of one's own.</summary>
    public string? Note { get; init; }

    /// <summary>The house rules that it is done by.</summary>
    public HouseRulesDocument? HouseRules { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Title;

    /// <inheritdoc/>
    public override JobTitle Read() =>
        new(Id, Name)
        {
            Purpose = Purpose,
            Note = Note,
            Rules = (HouseRules ?? new()).Read(),
        };
}
