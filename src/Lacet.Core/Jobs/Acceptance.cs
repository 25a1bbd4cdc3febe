namespace Lacet.Core.Jobs;

/// <summary>
/// A finding that somebody takes as it is, for a reason. It holds as long as what the finding rests on stays.
/// </summary>
/// <param name="Id">Permanent id.</param>
/// <param name="Check">The check.</param>
/// <param name="About">What it is about: the subject's key.</param>
/// <param name="RestsOn">A digest of what the finding rested on.</param>
/// <param name="Reason">Why.</param>
/// <param name="Person">Who, by name.</param>
public sealed record Acceptance(Guid Id, string Check, string About, string RestsOn, string Reason, string Person)
    : JobPart(Id)
{
    /// <inheritdoc/>
    public override EntityKind Kind => EntityKind.Acceptance;
}
