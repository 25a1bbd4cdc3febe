using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A clamp plate behind a device’s side screw.</summary>
public sealed record BackWireClampDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new BackWireClamp(Printed, TorqueMarking?.Read(), MetalSet);
}
