using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Landings;

/// <summary>
/// A row of the table "typical-landings": what a landing of a kind usually has, where nobody read it off.
/// </summary>
/// <param name="Kind">The kind.</param>
/// <param name="LeastMm2">Smallest size, mm².</param>
/// <param name="MostMm2">Largest size, mm².</param>
/// <param name="StripDepth">Strip length to aim at, mm.</param>
/// <param name="StripLeast">Least that usually passes, mm.</param>
/// <param name="StripMost">Most that usually passes, mm.</param>
/// <param name="Ferrule">What such landings say about ferrules.</param>
/// <param name="Accepts">Builds, parted by spaces.</param>
public sealed record TypicalLanding(
    string Kind,
    double LeastMm2,
    double MostMm2,
    double StripDepth,
    double StripLeast,
    double StripMost,
    FerruleAcceptance Ferrule,
    string Accepts
)
{
    private static readonly Dictionary<string, TypicalLanding> ByKind = ReferenceTable
        .Rows<TypicalLanding>("typical-landings")
        .ToDictionary(r => r.Kind, StringComparer.Ordinal);

    /// <summary>The builds it usually takes.</summary>
    public IReadOnlySet<Build> Builds { get; } = Accepts.Split(' ').Select(Enum.Parse<Build>).ToHashSet();

    /// <summary>The strip length that usually passes.</summary>
    public Window<Length> Strip => new(new(StripDepth), new(StripLeast), new(StripMost));

    /// <summary>The row of a kind.</summary>
    public static TypicalLanding For(string kind) => ByKind[kind];
}
