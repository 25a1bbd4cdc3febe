using System.Buffers.Text;
using System.Security.Cryptography;
using System.Text;

namespace Lacet.Workshop.People;

/// <summary>What a browser holds to show that somebody signed in on it. Its digest alone is stored.</summary>
public static class SessionKey
{
    /// <summary>256 bits that nobody guesses.</summary>
    public static string New() => Base64Url.EncodeToString(RandomNumberGenerator.GetBytes(32));

    /// <summary>What a key is stored by.</summary>
    public static string Digest(string key) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(key)));
}
