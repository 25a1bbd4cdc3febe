namespace Lacet.Web.Hosting;

/// <summary>The OpenAPI document, from which the front end's client is made.</summary>
internal static class OpenApi
{
    internal static void AddLacetOpenApi(this IServiceCollection services) => services.AddOpenApi("v1", options =>
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Lacet";
            document.Info.Version = "1";
            document.Info.Description = "Lacet informs; local code and licensed practice rule.";
            // The address differs wherever it runs, and a document that changes with it cannot be compared.
            document.Servers?.Clear();
            return Task.CompletedTask;
        }));
}
