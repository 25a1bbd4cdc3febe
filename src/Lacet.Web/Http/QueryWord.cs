using System.Text.Json;
using Lacet.Core.Quantities;

namespace Lacet.Web.Http;

/// <summary>
/// Words in a query: the framework would want them written as C# names, and here they are the words of the JSON.
/// </summary>
internal static class QueryWord
{
    /// <summary>Reads one; throws with the words there are.</summary>
    internal static TEnum Read<TEnum>(string word, string parameter)
        where TEnum : struct, Enum
    {
        foreach (var value in Enum.GetValues<TEnum>())
        {
            if (string.Equals(Word(value), word, StringComparison.OrdinalIgnoreCase))
            {
                return value;
            }
        }

        throw new ImpossibleInputException(
            parameter,
            $"{parameter} must be one of {string.Join(", ", Enum.GetValues<TEnum>().Select(Word))}."
        );
    }

    private static string Word<TEnum>(TEnum value)
        where TEnum : struct, Enum => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());
}
