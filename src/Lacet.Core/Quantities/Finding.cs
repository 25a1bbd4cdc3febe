namespace Lacet.Core.Quantities;

/// <summary>Something a check found.</summary>
/// <param name="Check">The check's stable id.</param>
/// <param name="Severity">How bad it is.</param>
/// <param name="Says">What is wrong, in one sentence.</param>
/// <param name="Do">What to do, in one sentence.</param>
/// <param name="Source">The document and section, or "common practice".</param>
/// <param name="RestsOn">Names of what the check read; when one of them changes, the finding is judged anew.</param>
public sealed record Finding(
    string Check,
    Severity Severity,
    FormattableString Says,
    FormattableString Do,
    string Source,
    IReadOnlyList<string> RestsOn
)
{
    /// <summary>What it would do to whom.</summary>
    public Harm Harm { get; init; } = Harm.Craft;

    /// <summary>
    /// The check whose finding about the same ends is the root of it; null where it stands for itself.
    /// </summary>
    public string? FollowsFrom { get; init; }

    /// <summary>The way in the network that it is about, from end to end; empty where it is about none.</summary>
    public IReadOnlyList<WayStop> Way { get; init; } = [];

    /// <summary>How far its source can be trusted.</summary>
    public Trust Trust { get; init; } = Trust.Standard;
}
