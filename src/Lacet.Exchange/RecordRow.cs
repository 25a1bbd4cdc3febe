using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange;

/// <summary>An event as a row of a table; numbers in SI, so that a spreadsheet can reckon with them.</summary>
public sealed record RecordRow
{
    /// <summary>Its place in the chain.</summary>
    public required long Sequence { get; init; }

    /// <summary>termination or withdrawal.</summary>
    public required string Kind { get; init; }

    /// <summary>When it happened, ISO 8601.</summary>
    public required string ClaimedAt { get; init; }

    /// <summary>When it was received, ISO 8601.</summary>
    public required string ReceivedAt { get; init; }

    /// <summary>Who.</summary>
    public required string Person { get; init; }

    /// <summary>Whether the person is proved.</summary>
    public required string Proved { get; init; }

    /// <summary>As what they worked here; empty for a name that was only typed.</summary>
    public string? Role { get; init; }

    /// <summary>Who supervised them; empty where nobody did.</summary>
    public string? Supervisor { get; init; }

    /// <summary>
    /// landed, wanting, withdrawn and so on; damaged where its bytes are not the ones that were received.
    /// </summary>
    public required string State { get; init; }

    /// <summary>The conductor.</summary>
    public string? Conductor { get; init; }

    /// <summary>The landing's kind.</summary>
    public string? Landing { get; init; }

    /// <summary>hook, ferrule or straight.</summary>
    public string? Preparation { get; init; }

    /// <summary>Least strip length, mm.</summary>
    public double? StripLeastMm { get; init; }

    /// <summary>Most strip length, mm.</summary>
    public double? StripMostMm { get; init; }

    /// <summary>Measured strip length, mm.</summary>
    public double? StripMeasuredMm { get; init; }

    /// <summary>Least torque, N·m.</summary>
    public double? TorqueLeastNm { get; init; }

    /// <summary>Most torque, N·m.</summary>
    public double? TorqueMostNm { get; init; }

    /// <summary>How far the torque window is to be trusted.</summary>
    public string? TorqueTrust { get; init; }

    /// <summary>reading, preset or by-feel.</summary>
    public string? Method { get; init; }

    /// <summary>The reading or setting, N·m.</summary>
    public double? TorqueNm { get; init; }

    /// <summary>Which tool.</summary>
    public string? Tool { get; init; }

    /// <summary>simulated where a stand-in measured, else empty.</summary>
    public string? Simulated { get; init; }

    /// <summary>How the enclosure stood while it was done; empty at the Bench, and for older events.</summary>
    public string? Dead { get; init; }

    /// <summary>What is to be put right.</summary>
    public string? Findings { get; init; }

    /// <summary>Hash of the event.</summary>
    public required string Hash { get; init; }

    /// <summary>The row of an event that cannot be read.</summary>
    public static RecordRow Damaged(long sequence, string hash) =>
        new()
        {
            Sequence = sequence,
            Kind = "",
            ClaimedAt = "",
            ReceivedAt = "",
            Person = "",
            Proved = "",
            State = Word(RecordState.Damaged),
            Hash = hash,
        };

    /// <summary>The row of an event.</summary>
    public static RecordRow Of(
        EventDocument recorded,
        string hash,
        string person,
        bool proved,
        RecordState state,
        string? supervisor
    )
    {
        var made = recorded.Termination;
        return new RecordRow
        {
            Sequence = recorded.Sequence,
            Kind = Word(recorded.Kind),
            ClaimedAt = recorded.ClaimedAt.ToString("O"),
            ReceivedAt = recorded.ReceivedAt.ToString("O"),
            Person = person,
            Proved = proved ? "proved" : "not proved",
            Role = recorded.Role is { } role ? Word(role) : null,
            Supervisor = supervisor,
            State = Word(state),
            Conductor = made?.Conductor.Read().ToString(),
            Landing = made?.Recipe.LandingKind,
            Preparation = made is null ? null : Word(made.Recipe.Preparation.Kind),
            StripLeastMm = made?.Recipe.Strip?.Least.Value,
            StripMostMm = made?.Recipe.Strip?.Most.Value,
            StripMeasuredMm = made?.MeasuredStrip?.Value,
            TorqueLeastNm = made?.Recipe.Torque?.Least.Value,
            TorqueMostNm = made?.Recipe.Torque?.Most.Value,
            TorqueTrust = made?.Recipe.Torque is { } torque ? Word(torque.Trust) : null,
            Method = made is null ? null : Word(made.Tightening.Method),
            TorqueNm = made?.Tightening.Torque?.Value,
            Tool = made?.Tightening.Tool,
            Simulated = made is { Tightening.Simulated: true } ? "simulated" : null,
            Dead = recorded.DeadWork is { } standing ? Word(standing) : null,
            Findings = made is null
                ? null
                : string.Join(" ", made.Judge().Select(f => f.Says.Said(ReaderFormat.Metric))),
            Hash = hash,
        };
    }

    /// <summary>Enums are written with the same words everywhere.</summary>
    private static string Word<TEnum>(TEnum value)
        where TEnum : struct, Enum => System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());
}
