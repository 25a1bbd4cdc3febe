using Lacet.Core.Jobs;

namespace Lacet.Core.Planning;

/// <summary>An end that cannot be worked yet.</summary>
/// <param name="End">The end.</param>
/// <param name="Why">Why, in a sentence.</param>
public sealed record WaitingEnd(EndOfWire End, FormattableString Why);
