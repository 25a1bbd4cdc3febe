using Lacet.Core.DeadChecks;

namespace Lacet.Workshop.DeadChecks;

/// <summary>How an enclosure stands, told to whoever is at work.</summary>
/// <param name="JobId">Its job.</param>
/// <param name="EnclosureId">It.</param>
/// <param name="Enclosure">Its name.</param>
/// <param name="State">How it stands.</param>
/// <param name="Says">That, in a sentence.</param>
/// <param name="Until">When it lapses if nobody works there until then; null where no time ends it.</param>
/// <param name="People">Whose locks hang there.</param>
public sealed record DeadTold(
    Guid JobId,
    Guid EnclosureId,
    string Enclosure,
    DeadState State,
    string Says,
    DateTimeOffset? Until,
    IReadOnlyList<Guid> People
);
