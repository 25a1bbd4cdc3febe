using Lacet.Core.DeadChecks;

namespace Lacet.Core.Records;

/// <summary>That what was proved counts no more.</summary>
/// <param name="Why">Why.</param>
/// <param name="At">Since when.</param>
/// <param name="By">Who did what ended it; null where only time went by.</param>
public sealed record Lapsed(Lapse Why, DateTimeOffset At, Guid? By);
