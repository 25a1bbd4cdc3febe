using System.Buffers.Binary;
using System.Security.Cryptography;
using System.Text;
using Microsoft.Extensions.Options;

namespace Lacet.Devices;

/// <summary>
/// A multimeter that ships with Lacet, for trying things out: it measures cords that are not there. The same cord is
/// always wired the same way, and which way that is nobody sees but by measuring.
/// </summary>
public sealed class MultimeterStandIn(IOptions<DeviceOptions> options)
{
    /// <summary>Whether it is there at all.</summary>
    public bool IsThere => options.Value.StandIns;

    /// <summary>
    /// Ω from a blade of a cord's plug to one of its bare ends, both counted from 0; null where the way is open. A
    /// whole way has a few tenths, as probes and cord have.
    /// </summary>
    public static double? Ohms(string cord, int conductors, int blade, int end)
    {
        var digest = SHA256.HashData(Encoding.UTF8.GetBytes(cord));
        var free = Enumerable.Range(0, conductors).ToList();
        for (var at = 0; ; at++)
        {
            var pick = free[(int)(BinaryPrimitives.ReadUInt32LittleEndian(digest.AsSpan(at * 4)) % (uint)free.Count)];
            if (at == blade)
            {
                return pick == end ? 0.2 + (digest[16 + blade] / 1000.0) : null;
            }

            free.Remove(pick);
        }
    }
}
