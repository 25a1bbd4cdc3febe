using System.Text.Json;
using Lacet.Core.Quantities;

namespace Lacet.Exchange;

/// <summary>
/// What no body may hold, whatever its shape: a null in a list, and characters in a text that nobody can see.
/// </summary>
public static class JsonBody
{
    /// <summary>
    /// Throws <see cref="ImpossibleInputException"/> with the way to the first of them, and a JsonException where the
    /// body is no JSON. Gives the same body with every text composed, so that what looks the same is the same wherever
    /// it is compared; null where all of them are already, as nearly always.
    /// </summary>
    /// <param name="body">The body, UTF-8.</param>
    /// <param name="anyText">Whether texts in it may hold anything: a list that is pasted is cleaned cell by
    /// cell.</param>
    public static byte[]? Check(ReadOnlyMemory<byte> body, bool anyText = false)
    {
        // Nearly every body is as it should be, and one walk over its bytes tells so; the way to a fault is looked for
        // only where there is one.
        if (IsPlain(body.Span))
        {
            return null;
        }

        using var document = JsonDocument.Parse(body);
        Check(document.RootElement, "", anyText);
        return Composed(document.RootElement);
    }

    private static bool IsPlain(ReadOnlySpan<byte> body)
    {
        var reader = new Utf8JsonReader(body);
        // Whether each level that is open is a list.
        var lists = new Stack<bool>();
        while (reader.Read())
        {
            switch (reader.TokenType)
            {
                case JsonTokenType.StartArray or JsonTokenType.StartObject:
                    lists.Push(reader.TokenType == JsonTokenType.StartArray);
                    break;
                case JsonTokenType.EndArray or JsonTokenType.EndObject:
                    lists.Pop();
                    break;
                case JsonTokenType.Null when lists.TryPeek(out var inList) && inList:
                    return false;
                case JsonTokenType.String when !IsPlainText(ref reader):
                    return false;
            }
        }

        return true;
    }

    private static bool IsPlainText(ref Utf8JsonReader reader)
    {
        if (!reader.ValueIsEscaped && !reader.ValueSpan.ContainsAnyExceptInRange((byte)' ', (byte)'~'))
        {
            return true;
        }

        var text = reader.GetString()!;
        return !text.Any(PlainText.IsUnseen) && string.Equals(PlainText.Composed(text), text, StringComparison.Ordinal);
    }

    private static void Check(JsonElement element, string path, bool anyText)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Array:
                var at = 0;
                foreach (var item in element.EnumerateArray())
                {
                    var here = FormattableString.Invariant($"{path}[{at++}]");
                    if (item.ValueKind == JsonValueKind.Null)
                    {
                        throw new ImpossibleInputException(
                            here,
                            $"{here} is empty: fill it in, or take it out of the list."
                        );
                    }

                    Check(item, here, anyText);
                }

                break;
            case JsonValueKind.Object:
                foreach (var member in element.EnumerateObject())
                {
                    Check(member.Value, path.Length == 0 ? member.Name : $"{path}.{member.Name}", anyText);
                }

                break;
            case JsonValueKind.String when !anyText && element.GetString()!.Any(PlainText.IsUnseen):
                throw new ImpossibleInputException(
                    path,
                    $"{path} has a character that cannot be shown. Type it again."
                );
        }
    }

    private static byte[]? Composed(JsonElement body)
    {
        if (IsComposed(body))
        {
            return null;
        }

        using var stream = new MemoryStream();
        using (var writer = new Utf8JsonWriter(stream, new JsonWriterOptions { Encoder = Json.Options.Encoder }))
        {
            Write(body, writer);
        }

        return stream.ToArray();
    }

    private static bool IsComposed(JsonElement element) =>
        element.ValueKind switch
        {
            JsonValueKind.Array => element.EnumerateArray().All(IsComposed),
            JsonValueKind.Object => element.EnumerateObject().All(m => IsComposed(m.Value)),
            JsonValueKind.String => element.GetString()! is var text
                && string.Equals(PlainText.Composed(text), text, StringComparison.Ordinal),
            _ => true,
        };

    private static void Write(JsonElement element, Utf8JsonWriter writer)
    {
        switch (element.ValueKind)
        {
            case JsonValueKind.Array:
                writer.WriteStartArray();
                element.EnumerateArray().ToList().ForEach(item => Write(item, writer));
                writer.WriteEndArray();
                break;
            case JsonValueKind.Object:
                writer.WriteStartObject();
                foreach (var member in element.EnumerateObject())
                {
                    writer.WritePropertyName(member.Name);
                    Write(member.Value, writer);
                }

                writer.WriteEndObject();
                break;
            case JsonValueKind.String:
                writer.WriteStringValue(PlainText.Composed(element.GetString()!));
                break;
            default:
                element.WriteTo(writer);
                break;
        }
    }
}
