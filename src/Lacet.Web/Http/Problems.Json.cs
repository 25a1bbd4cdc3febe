using System.Reflection;
using System.Text.Json;
using System.Text.RegularExpressions;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Exchange.Shelf;

namespace Lacet.Web.Http;

/// <content>What is wrong with a body, said by its field.</content>
internal static partial class Problems
{
    private static (int Status, string Sentence, string? Field) ReadJson(JsonException json)
    {
        var field = json.Path?.TrimStart('$', '.') is { Length: > 0 } path ? path : null;
        if (json.Message.Contains("discriminator", StringComparison.Ordinal))
        {
            return NoKind(field ?? "");
        }

        if (Unmapped().Match(json.Message) is { Success: true } unmapped)
        {
            return (
                StatusCodes.Status400BadRequest,
                Unknown(unmapped.Groups["name"].Value, TypeNamed(unmapped.Groups["type"].Value)),
                field
            );
        }

        if (MissingMembers().Match(json.Message) is { Success: true } missing)
        {
            var names = missing.Groups["names"].Value.Replace("'", "", StringComparison.Ordinal);
            return (StatusCodes.Status400BadRequest, $"Missing: {names}.", field is null ? names : $"{field}.{names}");
        }

        if (
            TypeName().Match(json.Message) is { Success: true } name
            && EnumOf(name.Groups["type"].Value, field ?? "") is { } type
        )
        {
            var words = Enum.GetNames(type).Select(JsonNamingPolicy.KebabCaseLower.ConvertName);
            return (
                StatusCodes.Status422UnprocessableEntity,
                $"{field} must be one of {string.Join(", ", words)}.",
                field
            );
        }

        return (
            StatusCodes.Status400BadRequest,
            field is null ? "The body is not JSON of the documented shape." : $"{field} has the wrong type.",
            field
        );
    }

    /// <summary>A thing of several kinds whose kind is missing or unknown, by where it stands.</summary>
    private static (int Status, string Sentence, string? Field) NoKind(string path)
    {
        var place = path.TrimStart('$', '.');
        var (member, what, known) = place switch
        {
            _ when place.Contains("andings", StringComparison.Ordinal)
                    || place.Contains("landing", StringComparison.Ordinal) => (
                "kind",
                "landing",
                LandingDocument.Kinds
            ),
            _ when place.Contains("put", StringComparison.Ordinal)
                    || place.Contains("changes", StringComparison.Ordinal) => ("part", "part of a job", PartJson.Kinds),
            _ => ("kind", "thing on the Shelf", ShelfItemDocument.Kinds),
        };
        return (
            StatusCodes.Status422UnprocessableEntity,
            $"Say which {what} it is: {member} is one of {string.Join(", ", known)}.",
            place.Length == 0 ? member : $"{place}.{member}"
        );
    }

    /// <summary>A member that a shape does not have, and the nearest one that it has.</summary>
    private static string Unknown(string name, Type? type)
    {
        var known = type is null
            ? []
            : Exchange
                .Json.Options.GetTypeInfo(type)
                .Properties.Where(p => p.Set is not null)
                .Select(p => p.Name)
                .ToList();
        var near = known.MinBy(k => Distance.Distance(k.ToLowerInvariant(), name.ToLowerInvariant()));
        return near is null ? $"“{name}” is no member here." : $"“{name}” is no member here. The nearest is {near}.";
    }

    private static readonly F23.StringSimilarity.Damerau Distance = new();

    /// <summary>The message names the enum, or the document that the field belongs to.</summary>
    private static Type? EnumOf(string typeName, string field)
    {
        var type = TypeNamed(typeName);
        if (type is { IsEnum: false })
        {
            var member = type.GetProperty(
                field[(field.LastIndexOf('.') + 1)..],
                BindingFlags.Public | BindingFlags.Instance | BindingFlags.IgnoreCase
            )?.PropertyType;
            type = member is null ? null : Nullable.GetUnderlyingType(member) ?? member;
        }

        return type is { IsEnum: true } ? type : null;
    }

    private static Type? TypeNamed(string name) =>
        new[] { typeof(Trust), typeof(Lacet.Exchange.Json), typeof(Workshop.MovedPart), typeof(Problems) }
            .Select(t => t.Assembly.GetType(name))
            .FirstOrDefault(t => t is not null);

    [GeneratedRegex(
        "missing required properties including: (?<names>.+?)\\.(?:$| )",
        RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex MissingMembers();

    [GeneratedRegex(
        "property '(?<name>[^']*)' could not be mapped to any .NET member contained in type '(?<type>[^']*)'",
        RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Unmapped();

    [GeneratedRegex(
        @"(?:polymorphic|type discriminator|interface or abstract).*Path: (?<path>\S*)",
        RegexOptions.ExplicitCapture | RegexOptions.Singleline,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex KindMissing();

    [GeneratedRegex("parameter \"\\S+ (?<name>\\w+)\"", RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex ParameterName();

    [GeneratedRegex(
        @"could not be converted to (?:System\.Nullable`1\[)?(?<type>Lacet(?:\.\w+)+)",
        RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex TypeName();
}
