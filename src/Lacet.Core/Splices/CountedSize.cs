using Lacet.Core.Conductors;

namespace Lacet.Core.Splices;

/// <summary>So many conductors of a size.</summary>
/// <param name="Count">How many.</param>
/// <param name="Size">Of which size.</param>
public sealed record CountedSize(int Count, ConductorSize Size);
