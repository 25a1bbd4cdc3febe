using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>A finding that somebody takes as it is.</summary>
public sealed record AcceptanceDocument : JobPartDocument
{
    /// <summary>The check.</summary>
    public required string Check { get; init; }

    /// <summary>The subject's key.</summary>
    public required string About { get; init; }

    /// <summary>A digest of what the finding rested on.</summary>
    public required string RestsOn { get; init; }

    /// <summary>Why.</summary>
    public required string Reason { get; init; }

    /// <summary>Who, by name.</summary>
    public required string Person { get; init; }

    /// <inheritdoc/>
    [JsonIgnore]
    public override EntityKind Kind => EntityKind.Acceptance;

    /// <inheritdoc/>
    public override Acceptance Read() => new(Id, Check, About, RestsOn, Reason, Person) { Order = Order };
}
