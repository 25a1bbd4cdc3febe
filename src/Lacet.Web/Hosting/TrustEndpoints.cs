using System.Security.Cryptography.X509Certificates;
using System.Text;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Hosting.Server.Features;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Hosting;

/// <summary>What a phone needs to trust this server.</summary>
internal static class TrustEndpoints
{
    internal static void MapTrust(this WebApplication app)
    {
        var trust = app.MapGroup("/api/trust").WithTags("People").IsOpen();
        trust.MapGet("", About).WithSummary("How this server is reached, and by whose certificate");
        trust
            .MapGet("/authority.crt", Authority)
            .WithSummary("The certificate of Lacet’s own authority")
            .Produces(StatusCodes.Status200OK, contentType: "application/x-x509-ca-cert")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static Ok<TrustDocument> About(IServiceProvider services, IServer server) =>
        TypedResults.Ok(
            services.GetService<Listening>() is { } listening
                ? new TrustDocument(
                    [.. listening.Names.Select(name => $"https://{name}:{PortOf(server)}")],
                    listening.Authority is { } authority ? LocalAuthority.Fingerprint(authority) : null
                )
                : new TrustDocument([], null)
        );

    /// <summary>The port that it took, where it was left to take a free one.</summary>
    private static int PortOf(IServer server) =>
        server
            .Features.Get<IServerAddressesFeature>()!
            .Addresses.Select(BindingAddress.Parse)
            .First(a => string.Equals(a.Scheme, Uri.UriSchemeHttps, StringComparison.Ordinal))
            .Port;

    private static Results<FileContentHttpResult, ProblemHttpResult> Authority(IServiceProvider services) =>
        services.GetService<Listening>() is { Authority: { } authority }
            ? TypedResults.File(
                Encoding.ASCII.GetBytes(authority.ExportCertificatePem()),
                "application/x-x509-ca-cert",
                "lacet-authority.crt"
            )
            : Answers.Missing("This server has no authority of its own.");
}

/// <summary>How this server is reached.</summary>
/// <param name="Addresses">Where others reach it; nowhere where it is on its own machine alone.</param>
/// <param name="Fingerprint">The SHA-256 of its own authority’s certificate; null where it has none.</param>
public sealed record TrustDocument(IReadOnlyList<string> Addresses, string? Fingerprint);
