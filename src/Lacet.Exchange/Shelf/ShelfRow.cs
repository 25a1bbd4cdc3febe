using System.Text.Json;
using System.Text.Json.Nodes;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Shelf;

/// <summary>A row of an import: an item, or what is wrong with it.</summary>
/// <param name="Row">Line of the CSV, or place in the JSON list, from 1.</param>
/// <param name="Item">The item; null where something is wrong.</param>
/// <param name="Problems">What is wrong.</param>
public sealed record ShelfRow(int Row, ShelfItemDocument? Item, IReadOnlyList<ShelfProblem> Problems)
{
    /// <summary>
    /// The row of a JSON object; <paramref name="nameOf"/> turns a path in it into what the reader calls it.
    /// </summary>
    public static ShelfRow Of(int row, JsonNode? json, IReadOnlyList<ShelfProblem> found, Func<string, string?> nameOf)
    {
        if (found.Count > 0)
        {
            return new ShelfRow(row, null, found);
        }

        try
        {
            var item = json.Deserialize<ShelfItemDocument>(Strict)
                ?? throw new ImpossibleInputException("kind", "There is nothing here.");
            item.Check();
            return new ShelfRow(row, item, []);
        }
        catch (ImpossibleInputException impossible)
        {
            return Bad(impossible.Field, impossible.Message);
        }
        catch (JsonException wrong)
        {
            return Bad(wrong.Path?.TrimStart('$', '.'), Plain(wrong));
        }
        catch (NotSupportedException)
        {
            return Bad("kind", $"It needs its kind, one of {string.Join(", ", ShelfColumns.Kinds)}.");
        }

        ShelfRow Bad(string? path, string says) =>
            new(row, null, [new ShelfProblem(path is { Length: > 0 } ? nameOf(path) ?? path : null, says)]);
    }

    /// <summary>The items of a JSON document.</summary>
    public static IReadOnlyList<ShelfRow> ReadJson(string text)
    {
        JsonNode? json;
        try
        {
            json = JsonNode.Parse(text);
        }
        catch (JsonException)
        {
            return [new ShelfRow(1, null, [new ShelfProblem(null, "This is no JSON.")])];
        }

        return
            json is JsonObject root
            && root["items"] is JsonArray items
            && string.Equals(
                (root["format"] as JsonValue)?.ToString(),
                ShelfDocument.FormatName,
                StringComparison.Ordinal
            )
            ? [.. items.Select((item, i) => Of(i + 1, item, [], path => path))]
            :
            [
                new ShelfRow(
                    1,
                    null,
                    [
                        new ShelfProblem(
                            null,
                            $"This is no Shelf: it needs “format”: “{ShelfDocument.FormatName}” and a list of “items”."
                        ),
                    ]
                ),
            ];
    }

    /// <summary>In an import a member that its kind does not have is a mistake, not something to drop.</summary>
    private static JsonSerializerOptions Strict { get; } =
        new(Json.Options)
        {
            UnmappedMemberHandling = System.Text.Json.Serialization.JsonUnmappedMemberHandling.Disallow,
        };

    private static string Plain(JsonException wrong) =>
        wrong.Message.Contains("could not be mapped", StringComparison.Ordinal)
            ? "This kind has no such value: leave it empty."
        : wrong.Message.Contains("missing required", StringComparison.Ordinal)
            ? "Something is missing that this kind needs."
        : "It has the wrong form.";
}
