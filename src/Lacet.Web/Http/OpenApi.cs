using Lacet.Core.Quantities;
using Microsoft.OpenApi;

namespace Lacet.Web.Http;

/// <summary>The OpenAPI document, from which the front end's client is made.</summary>
internal static class OpenApi
{
    internal static void AddLacetOpenApi(this IServiceCollection services) =>
        services.AddOpenApi("v1", options => options
                .AddSchemaTransformer(
                    (schema, context, _) =>
                    {
                        // A term is a text, said in the words of whoever asks.
                        if (context.JsonTypeInfo.Type == typeof(Term))
                        {
                            schema.Type = JsonSchemaType.String;
                        }
                        else if (context.JsonTypeInfo.ElementType == typeof(Term) && schema.Items is null)
                        {
                            schema.Items = new OpenApiSchema { Type = JsonSchemaType.String };
                        }

                        return Task.CompletedTask;
                    }
                )
                .AddDocumentTransformer(
                    (document, _, _) =>
                    {
                        document.Info.Title = "Lacet";
                        document.Info.Version = "1";
                        document.Info.Description = "Lacet informs; local code and licensed practice rule.";
                        // The address differs wherever it runs, and a document that changes with it cannot be compared.
                        document.Servers?.Clear();
                        RequireDiscriminators(document);
                        return Task.CompletedTask;
                    }
                ));

    /// <summary>
    /// A kind of landing must say its kind: the generator leaves that open in each of them, and clients could not tell
    /// them apart.
    /// </summary>
    private static void RequireDiscriminators(OpenApiDocument document)
    {
        var schemas = document.Components?.Schemas ?? new Dictionary<string, IOpenApiSchema>(StringComparer.Ordinal);
        foreach (var discriminator in schemas.Values.Select(s => s.Discriminator).OfType<OpenApiDiscriminator>())
        {
            foreach (var variant in discriminator.Mapping?.Values.Select(v => v.Reference.Id).OfType<string>() ?? [])
            {
                if (schemas[variant] is OpenApiSchema schema && discriminator.PropertyName is { } name)
                {
                    schema.Required ??= new HashSet<string>(StringComparer.Ordinal);
                    schema.Required.Add(name);
                }
            }
        }
    }
}
