namespace Lacet.Core.Jobs;

/// <summary>What a device has between two of its terminals, by what is written at them.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="One">The mark of the one, such as "A1".</param>
/// <param name="Other">The mark of the other.</param>
public sealed record InsideLink(InsideKind Kind, string One, string Other);
