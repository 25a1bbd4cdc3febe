using Lacet.Core.Quantities;

namespace Lacet.Devices;

/// <summary>Something that open pages are told.</summary>
public abstract record DeviceEvent
{
    private DeviceEvent() { }

    /// <summary>The set of connected tools has changed.</summary>
    public sealed record ToolsChanged(IReadOnlyList<ConnectedTool> Tools) : DeviceEvent;

    /// <summary>A live reading.</summary>
    public sealed record Read(string ToolId, Guid Turn, Torque Torque, bool Simulated) : DeviceEvent;

    /// <summary>A peak that was kept and can be recorded with.</summary>
    public sealed record Peaked(TorquePeak Peak) : DeviceEvent;
}
