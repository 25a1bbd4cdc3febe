using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;

namespace Lacet.Exchange.Documents;

/// <summary>A name that was only typed, and the person whose it is.</summary>
public sealed record JoinedNameDocument(PersonReference Typed, PersonReference Person);

/// <summary>What the meter said of a pin map, pin by pin.</summary>
/// <param name="PinMap">Which map of the job.</param>
/// <param name="Readings">What was measured.</param>
public sealed record ContinuityRecordDocument(Guid PinMap, IReadOnlyList<ContinuityReading> Readings);

/// <summary>What the meter said from a pin to its terminal.</summary>
/// <param name="Pin">The pin.</param>
/// <param name="Terminal">The machine’s terminal.</param>
/// <param name="Ohms">Ω; null where no number was read.</param>
/// <param name="IsOpen">Whether the meter had no reading.</param>
/// <param name="IsWhole">Whether that passes.</param>
public sealed record ContinuityReading(int Pin, string Terminal, double? Ohms, bool IsOpen, bool IsWhole);

/// <summary>What was wrong with an end, and what became of it by the rules as they were.</summary>
/// <param name="Faults">What was wrong.</param>
/// <param name="Strands">How many strands were counted; null where nobody counted.</param>
/// <param name="Damaged">How many of them were lost.</param>
/// <param name="Verdict">Left, put right or cut back.</param>
/// <param name="Spent">How much wire it cost; null where that was not known.</param>
public sealed record ReworkRecordDocument(
    IReadOnlyList<Fault> Faults,
    int? Strands,
    int Damaged,
    FaultVerdict Verdict,
    Readout? Spent
);
