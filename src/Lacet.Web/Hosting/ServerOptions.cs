namespace Lacet.Web.Hosting;

/// <summary>How the server runs.</summary>
public sealed class ServerOptions
{
    /// <summary>Port on loopback; 0 takes a free one.</summary>
    public int Port { get; set; } = 5080;

    /// <summary>
    /// An address of this machine, with a port or without, by which others reach it over TLS; null for this machine
    /// alone.
    /// </summary>
    public string? Listen { get; set; }

    /// <summary>A certificate of one’s own for that; null lets Lacet make one.</summary>
    public string? Certificate { get; set; }

    /// <summary>Port for tools on loopback; 0 takes a free one.</summary>
    public int DevicePort { get; set; }

    /// <summary>Where the data lies.</summary>
    public string DataFolder { get; set; } = "data";

    /// <summary>A folder of demo data to load into an empty data folder; null loads none.</summary>
    public string? DemoFolder { get; set; }

    /// <summary>Whether the stand-ins for devices run.</summary>
    public bool StandIns { get; set; }
}
