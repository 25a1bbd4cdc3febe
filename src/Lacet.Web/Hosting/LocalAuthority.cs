using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Lacet.Store;

namespace Lacet.Web.Hosting;

/// <summary>
/// A certificate authority of this data folder’s own, and the certificate that it gives this server. Phones trust it once;
/// its key never leaves the folder.
/// </summary>
internal static class LocalAuthority
{
    private const string AuthorityFile = "authority.pfx";
    private const string ServerFile = "server.pfx";

    /// <summary>RFC 5280, 4.2.1.12: a server shows who it is.</summary>
    private const string ServerAuthentication = "1.3.6.1.5.5.7.3.1";

    private static readonly TimeSpan AuthorityLife = TimeSpan.FromDays(3650);

    /// <summary>Phones take no certificate that is good for longer than 398 days.</summary>
    private static readonly TimeSpan ServerLife = TimeSpan.FromDays(390);

    private static readonly TimeSpan RenewBefore = TimeSpan.FromDays(30);

    /// <summary>Clocks differ: it is good since a day ago.</summary>
    private static readonly TimeSpan Since = TimeSpan.FromDays(1);

    /// <summary>The authority, made where there is none.</summary>
    internal static X509Certificate2 Of(string folder, DateTimeOffset now)
    {
        if (Read(folder, AuthorityFile) is { } known && known.NotAfter.ToUniversalTime() > now.UtcDateTime)
        {
            return known;
        }

        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest(
            $"CN=Lacet of {Environment.MachineName}, O=Lacet",
            key,
            HashAlgorithmName.SHA256
        );
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(
            new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true)
        );
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        using var made = request.CreateSelfSigned(now - Since, now + AuthorityLife);
        return Keep(folder, AuthorityFile, made);
    }

    /// <summary>
    /// The server’s certificate for these names, given by the authority: the one that is there, where it still has them
    /// all and is good for a month.
    /// </summary>
    internal static X509Certificate2 ForServer(
        string folder,
        X509Certificate2 authority,
        IReadOnlyCollection<string> names,
        DateTimeOffset now
    )
    {
        if (
            Read(folder, ServerFile) is { } known
            && known.NotAfter.ToUniversalTime() > (now + RenewBefore).UtcDateTime
            && string.Equals(known.Issuer, authority.Subject, StringComparison.Ordinal)
            && names.All(name => known.MatchesHostname(name, allowWildcards: false, allowCommonName: false))
        )
        {
            return known;
        }

        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=Lacet", key, HashAlgorithmName.SHA256);
        var alternatives = new SubjectAlternativeNameBuilder();
        foreach (var name in names)
        {
            if (IPAddress.TryParse(name, out var address))
            {
                alternatives.AddIpAddress(address);
            }
            else
            {
                alternatives.AddDnsName(name);
            }
        }

        request.CertificateExtensions.Add(alternatives.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid(ServerAuthentication)], false));
        request.CertificateExtensions.Add(
            X509AuthorityKeyIdentifierExtension.CreateFromCertificate(authority, true, false)
        );
        using var signed = request.Create(authority, now - Since, now + ServerLife, RandomNumberGenerator.GetBytes(16));
        using var made = signed.CopyWithPrivateKey(key);
        return Keep(folder, ServerFile, made);
    }

    /// <summary>What people compare where they are asked to trust it: the SHA-256 of the certificate, in groups.</summary>
    internal static string Fingerprint(X509Certificate2 certificate) =>
        string.Join(' ', certificate.GetCertHashString(HashAlgorithmName.SHA256).Chunk(4).Select(c => new string(c)));

    private static X509Certificate2? Read(string folder, string name)
    {
        var file = Path.Combine(folder, name);
        return File.Exists(file) ? X509CertificateLoader.LoadPkcs12FromFile(file, null) : null;
    }

    private static X509Certificate2 Keep(string folder, string name, X509Certificate2 made)
    {
        var bytes = made.Export(X509ContentType.Pfx);
        PrivateFile.Write(Path.Combine(folder, name), bytes);
        return X509CertificateLoader.LoadPkcs12(bytes, null);
    }
}
