using System.Text.Json;
using Lacet.Core.Quantities;

namespace Lacet.Exchange;

/// <summary>What no body may hold, whatever its shape: a null in a list, and characters in a text that nobody can see.</summary>
public static class JsonBody
{
    /// <summary>Throws <see cref="ImpossibleInputException"/> with the way to the first of them.</summary>
    public static void Check(JsonElement body) => Check(body, "");

    private static void Check(JsonElement element, string path)
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
                        throw new ImpossibleInputException(here, $"{here} is empty: fill it in, or take it out of the list.");
                    }

                    Check(item, here);
                }

                break;
            case JsonValueKind.Object:
                foreach (var member in element.EnumerateObject())
                {
                    Check(member.Value, path.Length == 0 ? member.Name : $"{path}.{member.Name}");
                }

                break;
            case JsonValueKind.String when element.GetString()!.Any(IsUnseen):
                throw new ImpossibleInputException(path, $"{path} has a character that cannot be shown. Type it again.");
        }
    }

    /// <summary>Line ends and tabs are typed; other control characters come by accident, or worse.</summary>
    private static bool IsUnseen(char c) => char.IsControl(c) && c is not ('\n' or '\r' or '\t');
}
