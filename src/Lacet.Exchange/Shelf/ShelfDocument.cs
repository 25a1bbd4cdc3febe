using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Text.Json.Serialization.Metadata;

namespace Lacet.Exchange.Shelf;

/// <summary>The Shelf as one JSON document.</summary>
/// <param name="Format">"lacet-shelf/1".</param>
/// <param name="Items">Everything on it.</param>
public sealed record ShelfDocument(string Format, IReadOnlyList<ShelfItemDocument> Items)
{
    /// <summary>What <see cref="Format"/> says.</summary>
    public const string FormatName = "lacet-shelf/1";

    /// <summary>The document's JSON Schema, as it is published in docs/formats.</summary>
    public static JsonNode Schema()
    {
        var options = new JsonSerializerOptions(Json.Options) { TypeInfoResolver = new DefaultJsonTypeInfoResolver() };
        var schema = options.GetJsonSchemaAsNode(
            typeof(ShelfDocument),
            new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true }
        );
        var root = new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["title"] = "The Shelf of Lacet",
            ["description"] = "Landings, conductors, ferrules, connectors and tools. See docs/formats/shelf.md.",
        };
        foreach (var (name, value) in schema.AsObject())
        {
            root[name] = value?.DeepClone();
        }

        return root;
    }
}
