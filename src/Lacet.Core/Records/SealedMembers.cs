using System.Text.Json;

namespace Lacet.Core.Records;

/// <summary>What the seal reads of an event’s bytes.</summary>
internal sealed record SealedMembers(
    long Sequence,
    string? Previous,
    IReadOnlyList<(Guid Person, string Digest)> Names,
    string? Id,
    string? Corrects,
    string? Job,
    string? End
)
{
    /// <summary>Reads them; null where the bytes are no event.</summary>
    internal static SealedMembers? Read(ReadOnlyMemory<byte> bytes)
    {
        try
        {
            using var json = JsonDocument.Parse(bytes);
            var root = json.RootElement;
            return
                root.ValueKind != JsonValueKind.Object
                || !root.TryGetProperty("sequence", out var at)
                || at.ValueKind != JsonValueKind.Number
                || !at.TryGetInt64(out var sequence)
                ? null
                : new(
                    sequence,
                    Text(root, "previous"),
                    [
                        .. NameOf(Inner(root, "person")),
                        .. NameOf(Inner(root, "supervisor")),
                        .. NameOf(Inner(Inner(root, "joined"), "typed")),
                        .. NameOf(Inner(Inner(root, "joined"), "person")),
                    ],
                    Text(root, "id"),
                    Text(root, "corrects"),
                    Text(Inner(root, "subject"), "job"),
                    Text(Inner(root, "subject"), "end")
                );
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>
    /// Whether an event is found by what was sealed. One that is about no end need not be found by its job.
    /// </summary>
    internal bool Are(EventColumns beside) =>
        Same(Id, beside.Id)
        && Same(Corrects, beside.Corrects)
        && Same(End, beside.End)
        && (Same(Job, beside.Job) || (End is null && beside.Job is null));

    /// <summary>Whoever did it, and whoever supervised them: none where nobody is named.</summary>
    private static IEnumerable<(Guid Person, string Digest)> NameOf(JsonElement person) =>
        Guid.TryParse(Text(person, "id"), out var id) ? [(id, Text(person, "nameDigest") ?? "")] : [];

    private static bool Same(string? a, string? b) => string.Equals(a, b, StringComparison.Ordinal);

    private static JsonElement Inner(JsonElement of, string name) =>
        of.ValueKind == JsonValueKind.Object
        && of.TryGetProperty(name, out var inner)
        && inner.ValueKind == JsonValueKind.Object
            ? inner
            : default;

    private static string? Text(JsonElement of, string name) =>
        of.ValueKind == JsonValueKind.Object
        && of.TryGetProperty(name, out var text)
        && text.ValueKind == JsonValueKind.String
            ? text.GetString()
            : null;
}
