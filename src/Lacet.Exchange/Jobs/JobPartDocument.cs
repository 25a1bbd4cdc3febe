using System.Reflection;
using System.Text.Json;
using System.Text.Json.Serialization;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Jobs;

/// <summary>A part of a job as it is written in JSON; <c>part</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "part")]
[JsonDerivedType(typeof(TitleDocument), "title")]
[JsonDerivedType(typeof(EnclosureDocument), "enclosure")]
[JsonDerivedType(typeof(DeviceDocument), "device")]
[JsonDerivedType(typeof(JobLandingDocument), "landing")]
[JsonDerivedType(typeof(CircuitDocument), "circuit")]
[JsonDerivedType(typeof(WireDocument), "wire")]
[JsonDerivedType(typeof(AcceptanceDocument), "acceptance")]
[JsonDerivedType(typeof(CordPartDocument), "cord")]
[JsonDerivedType(typeof(PinMapPartDocument), "pin-map")]
public abstract record JobPartDocument
{
    /// <summary>The parts there are, as JSON names them.</summary>
    public static IReadOnlyList<string> Kinds { get; } =
    [
        .. typeof(JobPartDocument)
            .GetCustomAttributes<JsonDerivedTypeAttribute>()
            .Select(a => (string)a.TypeDiscriminator!),
    ];

    /// <summary>Permanent id.</summary>
    public required Guid Id { get; init; }

    /// <summary>Its place among its kind, from 1; 0 puts it last.</summary>
    public int Order { get; init; }

    /// <summary>What it is.</summary>
    [JsonIgnore]
    public abstract EntityKind Kind { get; }

    /// <summary>
    /// The part; throws <see cref="Core.Quantities.ImpossibleInputException"/> with the field and a sentence.
    /// </summary>
    public abstract IJobEntity Read();

    /// <summary>As it is stored.</summary>
    public string Write() => JsonSerializer.Serialize(this, Json.Options);

    /// <summary>What was stored.</summary>
    public static JobPartDocument Parse(string body) =>
        JsonSerializer.Deserialize<JobPartDocument>(body, Json.Options)!;
}
