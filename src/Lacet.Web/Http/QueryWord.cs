using System.Text.Json;
using Lacet.Core.Quantities;

namespace Lacet.Web.Http;

/// <summary>
/// A word in a query or a path, which reads itself: the framework would want it written as a C# name, and here it is the
/// word of the JSON.
/// </summary>
/// <typeparam name="TEnum">The words there are.</typeparam>
/// <param name="Value">Which.</param>
internal readonly record struct QueryWord<TEnum>(TEnum Value) : IParsable<QueryWord<TEnum>>
    where TEnum : struct, Enum
{
    /// <summary>What a request calls it: "side" of EndSide.</summary>
    private static readonly string Name = JsonNamingPolicy.KebabCaseLower.ConvertName(typeof(TEnum).Name).Split('-')[
        ^1
    ];

    /// <inheritdoc/>
    public static QueryWord<TEnum> Parse(string s, IFormatProvider? provider)
    {
        foreach (var value in Enum.GetValues<TEnum>())
        {
            if (string.Equals(Word(value), s, StringComparison.OrdinalIgnoreCase))
            {
                return new(value);
            }
        }

        throw new ImpossibleInputException(
            Name,
            $"{Name} must be one of {string.Join(", ", Enum.GetValues<TEnum>().Select(Word))}."
        );
    }

    /// <summary>Throws with the words there are, so that whoever sent another one is told.</summary>
    public static bool TryParse(string? s, IFormatProvider? provider, out QueryWord<TEnum> result)
    {
        result = Parse(s ?? "", provider);
        return true;
    }

    private static string Word(TEnum value) => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());
}
