using System.Security.Cryptography;
using System.Text;

namespace Lacet.Devices;

/// <summary>What lets in the stand-in that ships with Lacet. It is made anew at each start, and leaves it nowhere.</summary>
public sealed class StandInKey
{
    /// <summary>The stand-in as it is paired.</summary>
    internal static readonly PairedTool Tool = new(Guid.Empty, "Stand-in driver", IsStandIn: true);

    internal string Token { get; } = RandomNumberGenerator.GetHexString(64, lowercase: true);

    internal bool Is(string token) =>
        CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes(token), Encoding.UTF8.GetBytes(Token));
}
