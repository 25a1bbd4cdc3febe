using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;
using Lacet.Core.Quantities;
using Microsoft.AspNetCore.Localization;

namespace Lacet.Web.Http;

/// <summary>
/// Whose words an answer is written in: a browser asks for American or British English by the usual header, and the pages
/// of a job ask by the job’s region.
/// </summary>
internal static class ReaderWords
{
    private const string American = "en-US";
    private const string British = "en-GB";

    /// <summary>The region of whoever asks now; earth and line where nothing was asked for.</summary>
    internal static Region Region =>
        string.Equals(CultureInfo.CurrentUICulture.Name, American, StringComparison.Ordinal)
            ? Region.NorthAmerica
            : Region.Iec;

    // Numbers and dates keep to the invariant culture whoever asks: only words differ.
    internal static void UseReaderWords(this WebApplication app) =>
        app.UseRequestLocalization(
            new RequestLocalizationOptions
            {
                DefaultRequestCulture = new(CultureInfo.InvariantCulture, new CultureInfo(British)),
                SupportedCultures = [CultureInfo.InvariantCulture],
                SupportedUICultures = [new(British), new(American)],
                RequestCultureProviders = [new AcceptLanguageHeaderRequestCultureProvider()],
            }
        );
}

/// <summary>A term goes out as it is said where it is read.</summary>
internal sealed class TermJson : JsonConverter<Term>
{
    /// <inheritdoc/>
    public override Term Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        new(reader.GetString() ?? "");

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Term value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.Word.InWords(ReaderWords.Region));
}
