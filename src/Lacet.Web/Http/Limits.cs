using System.Globalization;
using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace Lacet.Web.Http;

/// <summary>
/// How much is taken at once. A shop’s tablets never come near it; a program that runs wild is answered 429, and the
/// others go on.
/// </summary>
internal static class Limits
{
    /// <summary>Streams that stay open, one a page.</summary>
    internal const string Streams = "streams";

    /// <summary>
    /// What is tried to sign in with. It is slow on purpose, so each address waits in a line of its own: whoever sends many
    /// holds up neither those who work nor those who sign in elsewhere.
    /// </summary>
    internal const string SignIns = "sign-ins";

    /// <summary>Files that are read, each many times its size in memory.</summary>
    internal const string Uploads = "uploads";

    /// <summary>
    /// How many callers are taken at once; the others wait at the door. What the system lets this program hold open is
    /// left for its own code (each library holds one), the database, the front end and tools first.
    /// </summary>
    internal static int MostConnections(int descriptors) =>
        Math.Clamp(descriptors - KeptDescriptors, FewestConnections, WantedConnections);

    /// <summary>How many files and sockets the system lets this program hold at once.</summary>
    internal static int Descriptors()
    {
        const string named = "Max open files";
        const string limits = "/proc/self/limits";
        var line = File.Exists(limits)
            ? File.ReadLines(limits).FirstOrDefault(l => l.StartsWith(named, StringComparison.Ordinal))
            : null;
        return int.TryParse(
            line?[named.Length..].Split(' ', StringSplitOptions.RemoveEmptyEntries).First(),
            NumberStyles.None,
            CultureInfo.InvariantCulture,
            out var most
        )
            ? most
            : int.MaxValue;
    }

    private const int WantedConnections = 500;
    private const int FewestConnections = 32;
    private const int KeptDescriptors = 450;

    private const int MostStreams = 200;
    private const int MostUploads = 4;
    private const int UploadsWaiting = 8;
    private const int SignInsWaiting = 16;
    private const int MostRequests = 64;
    private const int RequestsWaiting = 1000;

    internal static void AddLimits(this IServiceCollection services) =>
        services.AddRateLimiter(limiter =>
        {
            limiter.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            limiter.OnRejected = (context, _) =>
            {
                context.HttpContext.Response.Headers.RetryAfter = "2";
                return new(Problems.WriteAsync(context.HttpContext, StatusCodes.Status429TooManyRequests));
            };
            limiter.AddConcurrencyLimiter(Streams, options => options.PermitLimit = MostStreams);
            limiter.AddConcurrencyLimiter(Uploads, options =>
                (options.PermitLimit, options.QueueLimit) = (MostUploads, UploadsWaiting)
            );
            limiter.AddPolicy(SignIns, context =>
                RateLimitPartition.GetConcurrencyLimiter(context.Connection.RemoteIpAddress, _ =>
                    new() { PermitLimit = 1, QueueLimit = SignInsWaiting }
                )
            );
            // A stream waits for what happens; everything else is done in a moment, and waits its turn.
            limiter.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, bool>(context =>
                context.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>()?.PolicyName
                    is Streams
                        or SignIns
                    ? RateLimitPartition.GetNoLimiter(true)
                    : RateLimitPartition.GetConcurrencyLimiter(false, _ =>
                        new() { PermitLimit = MostRequests, QueueLimit = RequestsWaiting }
                    )
            );
        });
}
