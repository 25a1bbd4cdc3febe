using System.Diagnostics;
using System.Net.Security;
using System.Net.Sockets;
using System.Security.Cryptography.X509Certificates;
using System.Text;
using Lacet.Web.Hosting;

namespace Lacet.Web.Tests;

/// <summary>
/// Reached by others: over TLS, under its own names, by a certificate that is checked here by the framework’s own chain
/// builder and, where it is installed, by OpenSSL.
/// </summary>
public sealed class ListeningTests
{
    /// <summary>Of this machine, and not the one that everything else is asked at.</summary>
    private const string Address = "127.0.0.2";

    [Fact]
    public async Task Whoever_trusts_its_authority_reaches_it_over_TLS_by_its_own_names_only()
    {
        await using var server = await RunningServer.StartAsync(listen: $"{Address}:0");
        var tls = server.Addresses.Single(a => a.Scheme == Uri.UriSchemeHttps);
        using var authority = X509CertificateLoader.LoadCertificate(
            await server.Client.GetByteArrayAsync(new Uri("/api/trust/authority.crt", UriKind.Relative))
        );
        var trust = (await server.GetAsync("/api/trust")).Json;
        Assert.Equal(
            authority.GetCertHashString(System.Security.Cryptography.HashAlgorithmName.SHA256),
            trust.GetProperty("fingerprint").GetString()!.Replace(" ", "", StringComparison.Ordinal)
        );
        Assert.Contains(
            tls.GetLeftPart(UriPartial.Authority),
            trust.GetProperty("addresses").EnumerateArray().Select(a => a.GetString())
        );
        using var trusting = Client(tls, authority);
        using var session = await trusting.PostAsJsonAsync(
            new Uri("/api/session/password", UriKind.Relative),
            new { name = "Ines Okafor", password = RunningServer.Password }
        );
        session.EnsureSuccessStatusCode();
        var cookie = session.Headers.GetValues("Set-Cookie").First();
        Assert.StartsWith("__Host-lacet-session=", cookie, StringComparison.Ordinal);
        Assert.Contains("secure", cookie, StringComparison.OrdinalIgnoreCase);

        // Who does not trust it, gets nowhere; nor does another name.
        using var wary = Client(tls, null);
        await Assert.ThrowsAsync<HttpRequestException>(() => wary.GetAsync(new Uri("/api/landings", UriKind.Relative)));
        Assert.Equal("HTTP/1.1 400 Bad Request", await FirstLineAsync(tls, authority, "evil.example"));
        Assert.Equal("HTTP/1.1 200 OK", await FirstLineAsync(tls, authority, Address));
    }

    [Fact]
    public void The_certificate_is_the_same_after_a_restart_and_another_where_an_address_is_new()
    {
        var folder = Directory.CreateTempSubdirectory("lacet-test-").FullName;
        var now = RunningServer.Now;
        string Made(string address, DateTimeOffset at)
        {
            var made = Listening.Of(new() { DataFolder = folder, Listen = address }, at)!;
            Assert.True(made.Certificate.MatchesHostname(address));
            return made.Certificate.Thumbprint;
        }

        var first = Made(Address, now);
        Assert.Equal(first, Made(Address, now.AddDays(300)));
        Assert.NotEqual(first, Made(Address, now.AddDays(365)));
        var second = Made("127.0.0.3", now);
        Assert.NotEqual(first, second);
        // One authority gave them all: what a phone trusts once it trusts for good.
        using var authority = LocalAuthority.Of(folder, now.AddDays(300));
        using var again = LocalAuthority.Of(folder, now.AddDays(600));
        Assert.Equal(authority.Thumbprint, again.Thumbprint);
        foreach (var file in Directory.GetFiles(folder, "*.pfx"))
        {
            Assert.True(
                OperatingSystem.IsWindows()
                    || File.GetUnixFileMode(file) == (UnixFileMode.UserRead | UnixFileMode.UserWrite),
                file
            );
        }
    }

    /// <summary>A second opinion on the chain: openssl verify, RFC 5280.</summary>
    [Fact]
    public async Task OpenSSL_verifies_the_chain_and_the_name()
    {
        var folder = Directory.CreateTempSubdirectory("lacet-test-").FullName;
        var made = Listening.Of(new() { DataFolder = folder, Listen = Address }, DateTimeOffset.UtcNow)!;
        var (ca, leaf) = (Path.Combine(folder, "ca.pem"), Path.Combine(folder, "leaf.pem"));
        await File.WriteAllTextAsync(ca, made.Authority!.ExportCertificatePem());
        await File.WriteAllTextAsync(leaf, made.Certificate.ExportCertificatePem());
        Process? openssl;
        try
        {
            openssl = Process.Start(
                new ProcessStartInfo(
                    "openssl",
                    ["verify", "-x509_strict", "-purpose", "sslserver", "-verify_ip", Address, "-CAfile", ca, leaf]
                )
                {
                    UseShellExecute = false,
                    RedirectStandardOutput = true,
                    RedirectStandardError = true,
                }
            );
        }
        catch (System.ComponentModel.Win32Exception)
        {
            Assert.Skip("OpenSSL is not installed.");
            return;
        }

        await openssl!.WaitForExitAsync(TestContext.Current.CancellationToken);
        Assert.True(
            openssl.ExitCode == 0,
            await openssl.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken)
        );
    }

    [Theory]
    [InlineData("somewhere", null, "--listen needs an address of this machine")]
    [InlineData("::1", null, "--listen takes an address of the older kind")]
    [InlineData("127.0.0.2", "nothing.pfx", "The certificate nothing.pfx cannot be read")]
    [InlineData(null, "nothing.pfx", "--certificate goes with --listen")]
    public void What_cannot_be_listened_on_is_one_sentence(string? listen, string? certificate, string says)
    {
        var refused = Assert.Throws<UsageException>(() =>
            Listening.Of(new() { Listen = listen, Certificate = certificate }, RunningServer.Now)
        );
        Assert.StartsWith(says, refused.Message, StringComparison.Ordinal);
    }

    private static HttpClient Client(Uri address, X509Certificate2? authority)
    {
        var handler = new SocketsHttpHandler();
        if (authority is not null)
        {
            handler.SslOptions.CertificateChainPolicy = Trusting(authority);
        }

        return new HttpClient(handler) { BaseAddress = address };
    }

    /// <summary>Asks under a name that no well-behaved client would use with this certificate.</summary>
    private static async Task<string?> FirstLineAsync(Uri address, X509Certificate2 authority, string host)
    {
        using var tcp = new TcpClient();
        await tcp.ConnectAsync(address.Host, address.Port);
        await using var tls = new SslStream(tcp.GetStream());
        await tls.AuthenticateAsClientAsync(
            new SslClientAuthenticationOptions { TargetHost = Address, CertificateChainPolicy = Trusting(authority) }
        );
        await tls.WriteAsync(
            Encoding.ASCII.GetBytes($"GET /api/landings HTTP/1.1\r\nHost: {host}\r\nConnection: close\r\n\r\n")
        );
        using var reader = new StreamReader(tls);
        return await reader.ReadLineAsync();
    }

    private static X509ChainPolicy Trusting(X509Certificate2 authority) =>
        new()
        {
            TrustMode = X509ChainTrustMode.CustomRootTrust,
            CustomTrustStore = { authority },
            RevocationMode = X509RevocationMode.NoCheck,
        };
}
