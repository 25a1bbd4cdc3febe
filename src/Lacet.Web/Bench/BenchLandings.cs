using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Shelf;

namespace Lacet.Web.Bench;

/// <summary>Landings as the Bench is asked about them: what is kept on the Shelf is not for strangers.</summary>
internal sealed class BenchLandings(ShelfLandings shelf, IHttpContextAccessor http)
{
    /// <summary>A landing with its data: one that is named by its id is taken from the Shelf.</summary>
    internal Task<LandingDocument> ResolveAsync(LandingDocument landing) =>
        landing.Id is null || Caller.Of(http.HttpContext!) is not null
            ? shelf.ResolveAsync(landing)
            : throw new BadHttpRequestException(
                "Sign in to use what is kept on the Shelf.",
                StatusCodes.Status401Unauthorized
            );
}
