using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Lacet.Web.Hosting;

/// <summary>
/// Where others in the shop reach this server: over TLS alone, by the names that its certificate bears.
/// </summary>
/// <param name="At">The address and the port.</param>
/// <param name="Names">The names and addresses by which it is called.</param>
/// <param name="Certificate">What it shows.</param>
/// <param name="Authority">Who gave it that, where it was Lacet’s own; to be trusted once on each phone.</param>
internal sealed record Listening(
    IPEndPoint At,
    IReadOnlyList<string> Names,
    X509Certificate2 Certificate,
    X509Certificate2? Authority
)
{
    private const int UsualPort = 5443;

    /// <summary>
    /// Reads what was asked for on the command line, and finds or makes the certificate; null where it is to be reached
    /// from this machine alone.
    /// </summary>
    internal static Listening? Of(ServerOptions options, DateTimeOffset now)
    {
        if (options.Listen is not { } asked)
        {
            return options.Certificate is null
                ? null
                : throw new UsageException("--certificate goes with --listen ADDRESS.");
        }

        if (!IPEndPoint.TryParse(asked, out var at))
        {
            throw new UsageException(
                $"--listen needs an address of this machine, such as 192.168.1.20 or 0.0.0.0 for all, and a port where it is not {UsualPort}: 192.168.1.20:8443."
            );
        }

        if (at.Port == 0 && !asked.EndsWith(":0", StringComparison.Ordinal))
        {
            at.Port = UsualPort;
        }

        if (options.Certificate is { } file)
        {
            var given = Read(file);
            return new(at, NamesOf(given), given, null);
        }

        if (at.AddressFamily != AddressFamily.InterNetwork)
        {
            throw new UsageException("--listen takes an address of the older kind, such as 192.168.1.20.");
        }

        string[] names =
        [
            .. at.Address.Equals(IPAddress.Any) ? Addresses() : [at.Address.ToString()],
            Dns.GetHostName().ToLowerInvariant(),
        ];
        var authority = LocalAuthority.Of(options.DataFolder, now);
        return new(at, names, LocalAuthority.ForServer(options.DataFolder, authority, names, now), authority);
    }

    private static IEnumerable<string> Addresses() =>
        NetworkInterface
            .GetAllNetworkInterfaces()
            .Where(i => i.OperationalStatus == OperationalStatus.Up)
            .SelectMany(i => i.GetIPProperties().UnicastAddresses)
            .Select(a => a.Address)
            .Where(a => a.AddressFamily == AddressFamily.InterNetwork && !IPAddress.IsLoopback(a))
            .Select(a => a.ToString());

    private static X509Certificate2 Read(string file)
    {
        try
        {
            return file.EndsWith(".pem", StringComparison.OrdinalIgnoreCase)
                ? X509CertificateLoader.LoadPkcs12(
                    X509Certificate2.CreateFromPemFile(file).Export(X509ContentType.Pfx),
                    null
                )
                : X509CertificateLoader.LoadPkcs12FromFile(file, null);
        }
        catch (Exception exception) when (exception is IOException or CryptographicException)
        {
            throw new UsageException(
                $"The certificate {file} cannot be read: {exception.Message} It is a PEM file with its key in it, or a PKCS #12 file without a password."
            );
        }
    }

    private static List<string> NamesOf(X509Certificate2 given)
    {
        var alternatives = given.Extensions.OfType<X509SubjectAlternativeNameExtension>().FirstOrDefault();
        List<string> names =
        [
            .. alternatives?.EnumerateDnsNames() ?? [],
            .. alternatives?.EnumerateIPAddresses().Select(a => a.ToString()) ?? [],
        ];
        return names.Count > 0
            ? names
            : throw new UsageException("The certificate names no host, so no browser takes it.");
    }
}
