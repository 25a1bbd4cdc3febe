using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Jobs;

/// <summary>A whole job as one JSON document: see docs/formats/job.md.</summary>
/// <param name="Format">"lacet-job/1".</param>
/// <param name="Job">Its own data.</param>
/// <param name="Enclosures">Enclosures, in order.</param>
/// <param name="Devices">Devices, in order.</param>
/// <param name="Landings">Landings, in order.</param>
/// <param name="Circuits">Circuits, in order.</param>
/// <param name="Wires">Wires, in order.</param>
/// <param name="Acceptances">Accepted findings.</param>
/// <param name="Cords">Cords that were looked over; may be left out.</param>
/// <param name="PinMaps">Pin maps; may be left out.</param>
/// <param name="Bridges">Bridges between terminals; left out where there are none.</param>
/// <param name="Cables">Cables and cords that wires are conductors of; left out where there are none.</param>
public sealed record JobDocument(
    string Format,
    JobTitle Job,
    IReadOnlyList<Enclosure> Enclosures,
    IReadOnlyList<Device> Devices,
    IReadOnlyList<JobLanding> Landings,
    IReadOnlyList<Circuit> Circuits,
    IReadOnlyList<JobWire> Wires,
    IReadOnlyList<Acceptance> Acceptances,
    IReadOnlyList<JobCord>? Cords = null,
    IReadOnlyList<JobPinMap>? PinMaps = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] IReadOnlyList<JobBridge>? Bridges = null,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] IReadOnlyList<JobCable>? Cables = null
)
{
    /// <summary>What <see cref="Format"/> says.</summary>
    public const string FormatName = "lacet-job/1";

    /// <summary>In an import a member that a part does not have is a mistake, not something to drop.</summary>
    private static readonly JsonSerializerOptions Strict = new(Json.Options)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        WriteIndented = true,
    };

    /// <summary>Every part but the title.</summary>
    public IEnumerable<JobPart> Parts() =>
        Enclosures
            .Concat<JobPart>(Devices)
            .Concat(Landings)
            .Concat(Circuits)
            .Concat(Wires)
            .Concat(Acceptances)
            .Concat(Cords ?? [])
            .Concat(PinMaps ?? [])
            .Concat(Bridges ?? [])
            .Concat(Cables ?? []);

    /// <summary>A document of parts, each kind in its order.</summary>
    public static JobDocument Of(JobTitle title, IEnumerable<JobPart> parts)
    {
        var byKind = parts.ToLookup(p => p.Kind);
        static IReadOnlyList<T>? OrNone<T>(IReadOnlyList<T> all) => all.Count > 0 ? all : null;
        IReadOnlyList<T> All<T>(EntityKind kind)
            where T : JobPart => [.. byKind[kind].OrderBy(p => p.Order).ThenBy(p => p.Id).Cast<T>()];
        return new(
            FormatName,
            title,
            All<Enclosure>(EntityKind.Enclosure),
            All<Device>(EntityKind.Device),
            All<JobLanding>(EntityKind.Landing),
            All<Circuit>(EntityKind.Circuit),
            All<JobWire>(EntityKind.Wire),
            All<Acceptance>(EntityKind.Acceptance),
            All<JobCord>(EntityKind.Cord),
            All<JobPinMap>(EntityKind.PinMap),
            // A job without any stays as it was written, byte for byte.
            OrNone(All<JobBridge>(EntityKind.Bridge)),
            OrNone(All<JobCable>(EntityKind.Cable))
        );
    }

    /// <summary>The document's bytes.</summary>
    public byte[] Write() => JsonSerializer.SerializeToUtf8Bytes(this, Strict);

    /// <summary>
    /// Reads a document; throws <see cref="ImpossibleInputException"/> with a sentence where it is none. Whether its
    /// parts belong together is held where a <see cref="Core.Jobs.Job"/> is made of them.
    /// </summary>
    public static JobDocument Read(ReadOnlyMemory<byte> bytes)
    {
        JobDocument? document;
        try
        {
            JsonBody.Check(bytes);
            document = JsonSerializer.Deserialize<JobDocument>(bytes.Span, Strict);
        }
        catch (JsonException wrong)
        {
            var where = wrong.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : null;
            throw new ImpossibleInputException(
                where ?? "job",
                where is null
                    ? "This is no job: it is not JSON of the format “lacet-job/1”."
                    : $"This is no job: {where} has the wrong form."
            );
        }

        if (document is null || !string.Equals(document.Format, FormatName, StringComparison.Ordinal))
        {
            throw new ImpossibleInputException("format", $"This is no job: its “format” must be “{FormatName}”.");
        }

        document.Check();
        return document;
    }

    /// <summary>The document's JSON Schema, as it is published in docs/formats.</summary>
    public static JsonNode Schema()
    {
        var options = new JsonSerializerOptions(Json.Options)
        {
            TypeInfoResolver = new DefaultJsonTypeInfoResolver().WithAddedModifier(PartContract.Apply),
        };
        var schema = options.GetJsonSchemaAsNode(
            typeof(JobDocument),
            new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true }
        );
        var root = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = "A job of Lacet",
            ["description"] = "Enclosures, devices, landings, circuits and wires. See docs/formats/job.md.",
        };
        foreach (var (name, value) in schema.AsObject())
        {
            root[name] = value?.DeepClone();
        }

        return root;
    }

    /// <summary>Throws where two parts could not be told apart.</summary>
    private void Check()
    {
        var seen = new HashSet<Guid>();
        if (Parts().FirstOrDefault(p => p.Id == Guid.Empty || !seen.Add(p.Id)) is { } twice)
        {
            throw new ImpossibleInputException(
                "id",
                $"Every part needs an id of its own; {twice.Id} is there twice, or empty."
            );
        }
    }
}
