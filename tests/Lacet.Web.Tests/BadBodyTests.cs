using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Lacet.Web.Tests;

/// <summary>
/// Every route that takes a JSON body, read from the interface's own document, is sent that body with one thing wrong
/// in it, at every member. It answers with a sentence, and never with a fault of the server.
/// </summary>
public sealed partial class BadBodyTests
{
    private const int Deepest = 6;

    private static readonly string[] Verbs = ["post", "put", "patch"];

    [Fact]
    public async Task Whatever_is_wrong_with_a_body_is_answered_with_a_sentence()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, document) = await server.GetAsync("/openapi/v1.json");
        var bodies = Bodies(document).ToList();
        Assert.True(bodies.Count > 30);
        var wrong = new List<string>();
        var sent = 0;
        foreach (var (verb, path, schema) in bodies)
        {
            var sample = new Sampler(document).Of(schema, 0)!;
            foreach (var (what, body, mustRefuse) in Mutations(sample))
            {
                sent++;
                using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
                using var request = new HttpRequestMessage(
                    new(verb.ToUpperInvariant()),
                    new Uri(Address(path), UriKind.Relative)
                )
                {
                    Content = content,
                };
                using var response = await server.Client.SendAsync(request, TestContext.Current.CancellationToken);
                var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
                if ((int)response.StatusCode >= 500)
                {
                    wrong.Add($"{(int)response.StatusCode} {verb} {path} {what}");
                }
                else if (
                    mustRefuse
                    && ((int)response.StatusCode < 400 || !text.Contains("\"detail\":", StringComparison.Ordinal))
                )
                {
                    wrong.Add($"{(int)response.StatusCode} and no sentence: {verb} {path} {what}");
                }
            }
        }

        Assert.True(wrong.Count == 0, string.Join('\n', wrong.Take(40)) + $"\n{wrong.Count} of {sent}");
        Assert.True(sent > 1000);
    }

    /// <summary>
    /// JSON is UTF-8 (RFC 8259, 8.1): whatever else is said of a body is refused by every route, and not a fault of the
    /// server.
    /// </summary>
    [Theory]
    [InlineData("application/json; charset=klingon", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("application/json; charset=utf-16", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("text/html", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("application/json; charset=\"UTF-8\"", null)]
    public async Task A_body_in_no_known_writing_is_refused(string type, HttpStatusCode? refused)
    {
        await using var server = await RunningServer.StartAsync();
        var (_, document) = await server.GetAsync("/openapi/v1.json");
        foreach (var (verb, path, _) in Bodies(document))
        {
            using var content = new ByteArrayContent("{}"u8.ToArray());
            content.Headers.TryAddWithoutValidation("Content-Type", type);
            using var request = new HttpRequestMessage(
                new(verb.ToUpperInvariant()),
                new Uri(Address(path), UriKind.Relative)
            )
            {
                Content = content,
            };
            using var response = await server.Client.SendAsync(request, TestContext.Current.CancellationToken);
            // A file comes as it is, whatever it is said to be.
            Assert.True(
                refused is { } status
                    ? response.StatusCode == status || path.EndsWith("/document", StringComparison.Ordinal)
                    : (int)response.StatusCode < 500,
                $"{(int)response.StatusCode} {verb} {path}"
            );
        }
    }

    private static IEnumerable<(string Verb, string Path, JsonElement Schema)> Bodies(JsonElement document) =>
        from path in document.GetProperty("paths").EnumerateObject()
        from operation in path.Value.EnumerateObject()
        where Verbs.Contains(operation.Name) && operation.Value.TryGetProperty("requestBody", out _)
        let content = operation.Value.GetProperty("requestBody").GetProperty("content")
        where content.TryGetProperty("application/json", out _)
        select (operation.Name, path.Name, content.GetProperty("application/json").GetProperty("schema"));

    private static string Address(string path) =>
        Placeholder()
            .Replace(path, m => m.Value switch
                {
                    "{side}" => "a",
                    "{kind}" => "landing",
                    _ => "0198f000-0000-7000-8000-000000000001",
                });

    /// <summary>What is wrong, the body, and whether it must be refused whatever the route makes of the rest.</summary>
    private static IEnumerable<(string What, string Body, bool MustRefuse)> Mutations(JsonNode sample)
    {
        foreach (var path in Paths(sample, ""))
        {
            foreach (
                var (name, change, mustRefuse) in new (string, Func<JsonNode?, JsonNode?>, bool)[]
                {
                    ("null", _ => null, false),
                    ("a list of null", n => n is JsonArray ? new JsonArray((JsonNode?)null) : n, true),
                    (
                        "a control character",
                        n => n is JsonValue v && v.TryGetValue<string>(out _) ? JsonValue.Create("a\u0000b") : n,
                        true
                    ),
                    ("an unknown member", n => n is JsonObject o ? With(o, "wibble") : n, true),
                    (
                        "digits of another script",
                        n => n is JsonValue v && v.TryGetValue<string>(out _) ? JsonValue.Create("١٢ mm²") : n,
                        false
                    ),
                    (
                        "a number beyond all measure",
                        n => n is JsonValue v && v.GetValueKind() == JsonValueKind.Number ? JsonValue.Create(1e308) : n,
                        false
                    ),
                    (
                        "a number below nothing",
                        n =>
                            n is JsonValue v && v.GetValueKind() == JsonValueKind.Number ? JsonValue.Create(-1e300) : n,
                        false
                    ),
                    ("a number", n => n is JsonObject or JsonArray ? JsonValue.Create(7) : n, true),
                    ("left out", n => n, false),
                }
            )
            {
                var body = JsonNode.Parse(sample.ToJsonString())!;
                if (Change(body, path, name, change))
                {
                    yield return ($"{name} at {path}", body.ToJsonString(), mustRefuse);
                }
            }
        }
    }

    private static JsonObject With(JsonObject before, string member)
    {
        var after = (JsonObject)before.DeepClone();
        after[member] = 1;
        return after;
    }

    private static IEnumerable<string> Paths(JsonNode? node, string at) =>
        node switch
        {
            JsonObject o => o.SelectMany(m => Paths(m.Value, $"{at}/{m.Key}").Prepend($"{at}/{m.Key}")),
            JsonArray { Count: > 0 } a => Paths(a[0], $"{at}/0").Prepend($"{at}/0"),
            _ => [],
        };

    /// <summary>Changes one place of a body; false where that changes nothing.</summary>
    private static bool Change(JsonNode body, string path, string name, Func<JsonNode?, JsonNode?> change)
    {
        var steps = path.Split('/', StringSplitOptions.RemoveEmptyEntries);
        var holder = steps[..^1]
            .Aggregate(body, (n, s) =>
                n is JsonArray a ? a[int.Parse(s, System.Globalization.CultureInfo.InvariantCulture)]! : n[s]!
            );
        if (holder is JsonArray list)
        {
            var before = list[0];
            var after = change(before);
            if (name == "left out" || ReferenceEquals(before, after))
            {
                return false;
            }

            list[0] = after;
            return true;
        }

        var owner = (JsonObject)holder;
        if (name == "left out")
        {
            return owner.Remove(steps[^1]);
        }

        var (was, now) = (owner[steps[^1]], change(owner[steps[^1]]));
        owner[steps[^1]] = ReferenceEquals(was, now) ? was?.DeepClone() : now;
        return !ReferenceEquals(was, now);
    }

    [GeneratedRegex(@"\{[^}]+\}", RegexOptions.None, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Placeholder();

    /// <summary>A body with every member that a schema has.</summary>
    private sealed class Sampler(JsonElement document)
    {
        internal JsonNode? Of(JsonElement schema, int depth)
        {
            if (schema.TryGetProperty("$ref", out var reference))
            {
                return Of(
                    reference.GetString()!.Split('/').Skip(1).Aggregate(document, (e, s) => e.GetProperty(s)),
                    depth
                );
            }

            foreach (var choice in new[] { "oneOf", "anyOf", "allOf" })
            {
                if (
                    schema.TryGetProperty(choice, out var choices)
                    && choices
                        .EnumerateArray()
                        .FirstOrDefault(c =>
                            !(
                                c.TryGetProperty("type", out var t)
                                && t.ValueKind == JsonValueKind.String
                                && t.GetString() == "null"
                            )
                        )
                        is { ValueKind: JsonValueKind.Object } first
                )
                {
                    return Of(first, depth);
                }
            }

            if (schema.TryGetProperty("enum", out var values))
            {
                return JsonNode.Parse(
                    values.EnumerateArray().First(v => v.ValueKind != JsonValueKind.Null).GetRawText()
                );
            }

            var type =
                !schema.TryGetProperty("type", out var named) ? "object"
                : named.ValueKind == JsonValueKind.String ? named.GetString()
                : named.EnumerateArray().Select(t => t.GetString()).First(t => t != "null");
            return type switch
            {
                "array" => depth >= Deepest ? new JsonArray() : [Of(schema.GetProperty("items"), depth + 1)],
                "object" => Object(schema, depth),
                "integer" or "number" => JsonValue.Create(1),
                "boolean" => JsonValue.Create(false),
                _ => JsonValue.Create(
                    schema.TryGetProperty("format", out var format) && format.GetString() == "uuid"
                        ? "0198f000-0000-7000-8000-000000000003"
                    : schema.TryGetProperty("format", out format) && format.GetString() == "date-time"
                        ? "2026-11-18T09:00:00+01:00"
                    : "14"
                ),
            };
        }

        private JsonObject Object(JsonElement schema, int depth)
        {
            var made = new JsonObject();
            if (depth < Deepest && schema.TryGetProperty("properties", out var properties))
            {
                foreach (var property in properties.EnumerateObject())
                {
                    made[property.Name] = Of(property.Value, depth + 1);
                }
            }

            return made;
        }
    }
}
