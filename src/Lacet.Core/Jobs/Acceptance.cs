namespace Lacet.Core.Jobs;

/// <summary>
/// A finding that somebody takes as it is, for a reason. It holds as long as what the finding rests on stays.
/// </summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Check">The check.</param>
/// <param name="About">What it is about: the subject's key.</param>
/// <param name="RestsOn">A digest of what the finding rested on.</param>
/// <param name="Reason">Why.</param>
public sealed record Acceptance(Guid Id, string Check, string About, string RestsOn, string Reason) : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Acceptance;

    /// <summary>Who: their id; empty where it was said on another server and is not known here.</summary>
    public Guid Person { get; init; }
}
