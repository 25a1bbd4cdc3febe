namespace Lacet.Devices;

/// <summary>How devices are let in.</summary>
public sealed class DeviceOptions
{
    /// <summary>TCP port on loopback; 0 takes a free one.</summary>
    public int Port { get; set; }

    /// <summary>Whether the stand-ins that ship with Lacet run.</summary>
    public bool StandIns { get; set; }
}
