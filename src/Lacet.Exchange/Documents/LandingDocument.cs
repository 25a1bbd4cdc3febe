using System.Reflection;
using System.Text.Json.Serialization;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A landing as it is written in JSON; <c>kind</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(BindingScrewDocument), "binding-screw")]
[JsonDerivedType(typeof(BackWireClampDocument), "back-wire-clamp")]
[JsonDerivedType(typeof(BackStabDocument), "back-stab")]
[JsonDerivedType(typeof(LeverDocument), "lever")]
[JsonDerivedType(typeof(ScrewClampBlockDocument), "screw-clamp-block")]
[JsonDerivedType(typeof(SpringCageBlockDocument), "spring-cage-block")]
[JsonDerivedType(typeof(PushInBlockDocument), "push-in-block")]
[JsonDerivedType(typeof(DeepPushInDocument), "deep-push-in")]
[JsonDerivedType(typeof(InsulationDisplacementDocument), "insulation-displacement")]
[JsonDerivedType(typeof(StudDocument), "stud")]
[JsonDerivedType(typeof(SetScrewLugDocument), "set-screw-lug")]
[JsonDerivedType(typeof(CrimpedLugDocument), "crimped-lug")]
[JsonDerivedType(typeof(PlugScrewDocument), "plug-screw")]
[JsonDerivedType(typeof(SolderLugDocument), "solder-lug")]
public record LandingDocument
{
    /// <summary>The kinds there are, as JSON names them.</summary>
    public static IReadOnlyList<string> Kinds { get; } =
        [.. typeof(LandingDocument).GetCustomAttributes<JsonDerivedTypeAttribute>().Select(a => (string)a.TypeDiscriminator!)];

    /// <summary>One on the Shelf, whose data is taken; then no kind is needed.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Guid? Id { get; init; }

    /// <summary>How far the data can be trusted: marking, maker or generic; null is taken as marking.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public DataTrust? Trust { get; init; }

    /// <summary>The torque marked on it; null where nothing is marked.</summary>
    public TorqueMarkingDocument? TorqueMarking { get; init; }

    /// <summary>The metals it is marked for; copper only where nothing is marked.</summary>
    public IReadOnlyList<Material>? Metals { get; init; }

    /// <summary>Whether it is marked for two conductors; null where nothing is marked.</summary>
    public bool? TakesTwo { get; init; }

    /// <summary>The temperature its terminals are marked for: 60, 75 or 90 °C; null where nothing is marked.</summary>
    public int? TemperatureC { get; init; }

    /// <summary>The landing; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    public Landing Read()
    {
        var landing = ReadKind();
        if (TorqueMarking is not null && !landing.IsTightened)
        {
            throw new ImpossibleInputException(
                "landing.torqueMarking", $"A {landing.SaidAs} is not tightened: it has no torque.");
        }

        return landing with
        {
            TakesTwo = TakesTwo ?? landing.TakesTwo,
            DataTrust = Trust switch
            {
                Documents.DataTrust.Maker => Core.Quantities.Trust.Maker,
                Documents.DataTrust.Generic => Core.Quantities.Trust.Generic,
                _ => Core.Quantities.Trust.Marking,
            },
            TemperatureC = TemperatureC is null or 60 or 75 or 90
                ? TemperatureC
                : throw new ImpossibleInputException("landing.temperatureC", "Terminals are marked for 60, 75 or 90 °C."),
        };
    }

    /// <summary>What the kind has of its own.</summary>
    private protected virtual Landing ReadKind() => throw new ImpossibleInputException(
        "landing.kind", $"A landing needs its kind, one of {string.Join(", ", Kinds)}, or the id of one on the Shelf.");

    /// <summary>The metals as a set.</summary>
    private protected HashSet<Material>? MetalSet => Metals is { Count: > 0 } metals ? [.. metals] : null;
}
