using Lacet.Core.Landings;

namespace Lacet.Core.Rework;

/// <summary>A fault and what becomes of the end.</summary>
/// <param name="Fault">Which.</param>
/// <param name="Verdict">Whether it may stay.</param>
/// <param name="Says">Why, in one sentence.</param>
/// <param name="Do">What to do, in one sentence.</param>
/// <param name="Source">The document and section, or "common practice".</param>
public sealed record JudgedFault(
    Fault Fault,
    FaultVerdict Verdict,
    FormattableString Says,
    FormattableString Do,
    string Source
);
