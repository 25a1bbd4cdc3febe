using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Breakers whose handles are tied: whoever opens one opens all of them.</summary>
public static class HandleTie
{
    /// <summary>A device and all that open with it, itself first.</summary>
    public static IReadOnlyList<Device> Of(Job job, Device device)
    {
        var together = new List<Device> { device };
        if (device.Type != DeviceType.Breaker)
        {
            return together;
        }

        var breakers = job.DevicesIn(device.EnclosureId).Where(d => d.Type == DeviceType.Breaker).ToList();
        for (var i = 0; i < together.Count; i++)
        {
            together.AddRange(
                breakers.Where(b => !together.Contains(b) && (Names(together[i], b) || Names(b, together[i])))
            );
        }

        return together;
    }

    /// <summary>Whether a breaker says that its handle is tied to the other’s.</summary>
    internal static bool Names(Device breaker, Device other) =>
        string.Equals(breaker.TiedTo, other.Name, StringComparison.OrdinalIgnoreCase);
}
