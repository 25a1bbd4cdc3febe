using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using System.Text.Unicode;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange;

/// <summary>How Lacet writes JSON: camelCase, words for enums, numbers as numbers.</summary>
public static class Json
{
    /// <summary>The options for everything that is stored or exported.</summary>
    public static JsonSerializerOptions Options { get; } = Stored();

    private static JsonSerializerOptions Stored()
    {
        var options = Apply(new JsonSerializerOptions(JsonSerializerDefaults.Web));
        options.TypeInfoResolver = options.TypeInfoResolver!.WithAddedModifier(PartContract.ReadOnce);
        return options;
    }

    /// <summary>Sets the same options on another set, such as the web server's.</summary>
    public static JsonSerializerOptions Apply(JsonSerializerOptions options)
    {
        options.NumberHandling = JsonNumberHandling.Strict;
        options.AllowOutOfOrderMetadataProperties = true;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        // Units hold "·" and "²"; JSON is served as JSON, never inside a page, so they need no escape.
        options.Encoder = JavaScriptEncoder.Create(UnicodeRanges.All);
        options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(
            Contracts
        );
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false));
        return options;
    }

    /// <summary>How the types of Core are written that have no document beside them.</summary>
    internal static void Contracts(JsonTypeInfo type)
    {
        PartContract.Apply(type);
        LeaveOutWhatNobodySaid(type);
    }

    /// <summary>A quantity says which system leads only where that is not the reader's to choose.</summary>
    private static void LeaveOutWhatNobodySaid(JsonTypeInfo type)
    {
        if (type.Type == typeof(Readout))
        {
            foreach (var leads in type.Properties.Where(p => p.PropertyType == typeof(UnitSystem?)))
            {
                leads.ShouldSerialize = (_, value) => value is not null;
            }
        }
    }
}
