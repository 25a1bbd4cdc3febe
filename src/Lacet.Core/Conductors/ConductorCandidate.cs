namespace Lacet.Core.Conductors;

/// <summary>What a conductor that nobody knows may be.</summary>
/// <param name="Conductor">The conductor, in copper.</param>
/// <param name="Insulation">What its insulation is likely to be; null where nothing tells.</param>
/// <param name="Sureness">How sure that is.</param>
/// <param name="Deviation">The largest part by which a measure is off its table's, 0 to 1.</param>
/// <param name="Why">What agrees, a sentence each.</param>
public sealed record ConductorCandidate(
    Conductor Conductor,
    string? Insulation,
    Sureness Sureness,
    double Deviation,
    IReadOnlyList<FormattableString> Why
);
