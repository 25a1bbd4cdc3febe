using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>What is printed on a landing or its sheet; null where nobody read it.</summary>
/// <param name="LeastMm2">Smallest size, mm².</param>
/// <param name="MostMm2">Largest size, mm².</param>
/// <param name="StripDepth">Strip length or depth.</param>
/// <param name="Ferrule">What it says about ferrules.</param>
/// <param name="Accepts">Which builds it takes.</param>
/// <param name="Opening">How wide its opening is where it is narrowest.</param>
/// <param name="Pitch">How far the next opening’s middle is from its own.</param>
public sealed record PrintedData(
    double? LeastMm2 = null,
    double? MostMm2 = null,
    Length? StripDepth = null,
    FerruleAcceptance? Ferrule = null,
    IReadOnlySet<Build>? Accepts = null,
    Length? Opening = null,
    Length? Pitch = null
);
