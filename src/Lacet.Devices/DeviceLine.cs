using System.Text.Json.Serialization;

namespace Lacet.Devices;

/// <summary>One line of the device protocol (docs/device-protocol.md); <c>type</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "type")]
[JsonDerivedType(typeof(Hello), "hello")]
[JsonDerivedType(typeof(Welcome), "welcome")]
[JsonDerivedType(typeof(Reading), "reading")]
[JsonDerivedType(typeof(Peak), "peak")]
[JsonDerivedType(typeof(Hold), "hold")]
[JsonDerivedType(typeof(Release), "release")]
public abstract record DeviceLine
{
    private DeviceLine() { }

    /// <summary>The first line of a tool.</summary>
    public sealed record Hello(int Protocol, string Token, ToolIdentity Tool) : DeviceLine;

    /// <summary>Lacet's answer to a good hello.</summary>
    public sealed record Welcome(int Protocol) : DeviceLine;

    /// <summary>The torque at this moment, in the tool's unit; 20 a second while it is turned.</summary>
    public sealed record Reading(Guid Turn, double Torque) : DeviceLine;

    /// <summary>The highest torque of a turn, when the hand has let go.</summary>
    public sealed record Peak(Guid Turn, double Torque) : DeviceLine;

    /// <summary>Lacet asks a stand-in to turn on a screw of that target, N·m. Real tools are never asked.</summary>
    public sealed record Hold(double TargetNm) : DeviceLine;

    /// <summary>Lacet asks a stand-in to let go.</summary>
    public sealed record Release : DeviceLine;
}
