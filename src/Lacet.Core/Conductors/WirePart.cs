namespace Lacet.Core.Conductors;

/// <summary>A part of a wire's text, and how it was understood.</summary>
/// <param name="Kind">What it says.</param>
/// <param name="Start">Where it begins, from 0.</param>
/// <param name="Length">How many characters it takes.</param>
/// <param name="Says">How it is understood, in words; for what is not, what would be right.</param>
public sealed record WirePart(WirePartKind Kind, int Start, int Length, string Says);
