using System.Text.Json.Serialization;
using Lacet.Core.DeadChecks;
using Lacet.Core.Records;

namespace Lacet.Exchange.Documents;

/// <summary>What was done to make an enclosure dead, or live; what a kind of event does not need is left out.</summary>
/// <param name="Enclosure">Its name, as it was.</param>
public sealed record DeadRecordDocument(string Enclosure)
{
    /// <summary>Its sources; of a source that was found, that one.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<IsolatedSource>? Sources { get; init; }

    /// <summary>Kinds of sources that were looked for, and are not there.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<SourceKind>? Absent { get; init; }

    /// <summary>Number of a person’s own lock.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Lock { get; init; }

    /// <summary>Whose lock came off.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Guid? Owner { get; init; }

    /// <summary>How dead was proved.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public DeadProofDocument? Proof { get; init; }

    /// <summary>The job’s pause as it was, minutes.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? PauseMinutes { get; init; }

    /// <summary>Why nothing is to be proved.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public ProofExemption? Exemption { get; init; }

    /// <summary>What happened; null for what says nothing of its kind.</summary>
    internal RecordedEvent? ToEvent(EventKind kind) =>
        (kind, this) switch
        {
            (EventKind.Isolation, { Sources: { } sources }) => new RecordedEvent.Isolated(sources, Absent ?? []),
            (EventKind.LockOn, { Lock: { } number }) => new RecordedEvent.LockHung(number),
            (EventKind.LockOff, { Owner: { } owner }) => new RecordedEvent.LockTaken(owner),
            (EventKind.ProvedDead, { Proof: { } proof, PauseMinutes: { } pause }) => new RecordedEvent.ProvedDead(
                proof.Read(),
                pause
            ),
            (EventKind.SourceFound, { Sources: [var found] }) => new RecordedEvent.SourceFound(found),
            (EventKind.AtWork, _) => new RecordedEvent.AtWork(),
            (EventKind.ShiftEnd, _) => new RecordedEvent.ShiftEnded(),
            (EventKind.Exemption, { Exemption: { } exemption, PauseMinutes: { } pause }) => new RecordedEvent.Exempted(
                exemption,
                pause
            ),
            (EventKind.Energised, _) => new RecordedEvent.Energised(),
            _ => null,
        };
}

/// <summary>How dead was proved.</summary>
/// <param name="Instrument">What kind of instrument.</param>
/// <param name="Name">Which one.</param>
/// <param name="ProvedOn">What it was proved on.</param>
/// <param name="Before">Whether it worked before.</param>
/// <param name="After">Whether it worked after.</param>
/// <param name="Readings">What it showed.</param>
/// <param name="Simulated">Whether a stand-in measured.</param>
public sealed record DeadProofDocument(
    Instrument Instrument,
    string Name,
    string ProvedOn,
    bool Before,
    bool After,
    IReadOnlyList<DeadReadingDocument> Readings,
    bool Simulated
)
{
    internal DeadProof Read() =>
        new(
            Instrument,
            Name,
            ProvedOn,
            Before,
            After,
            [.. Readings.Select(r => new DeadReading(r.From, r.To, r.Volts))],
            Simulated
        );
}

/// <summary>What an instrument showed between two points.</summary>
/// <param name="From">A landing.</param>
/// <param name="To">Another; null for earth.</param>
/// <param name="Says">Between what, in words, as they were called.</param>
/// <param name="Volts">V; null where a tester showed nothing at all.</param>
public sealed record DeadReadingDocument(Guid From, Guid? To, string Says, double? Volts);
