using Lacet.Core.Quantities;

namespace Lacet.Core.Planning;

/// <summary>Something to bring.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Count">How many; of wire, metres.</param>
/// <param name="Unit">"pieces" or "m".</param>
public sealed record RemedyPart(Term Name, double Count, string Unit);
