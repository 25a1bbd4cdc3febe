namespace Lacet.Web.Http;

/// <summary>What an endpoint may answer beside what was asked for, and how long a page is.</summary>
internal static class Endpoints
{
    /// <summary>
    /// Most bodies are a few hundred bytes; what is larger, and not said to be large, is a mistake or worse.
    /// </summary>
    internal const long LargestBody = 64 * 1024;

    private const int LargestPage = 1000;

    internal static RouteHandlerBuilder ProducesInputProblems(this RouteHandlerBuilder endpoint) =>
        endpoint
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status413PayloadTooLarge)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);

    /// <summary>It changes a job.</summary>
    internal static RouteHandlerBuilder Changes(this RouteHandlerBuilder endpoint) =>
        endpoint
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);

    /// <summary>How long a page is; throws where it is too long.</summary>
    internal static int CheckedLimit(int limit, int most = LargestPage) =>
        limit >= 1 && limit <= most
            ? limit
            : throw new Core.Quantities.ImpossibleInputException("limit", $"A page has 1 to {most} items.");
}
