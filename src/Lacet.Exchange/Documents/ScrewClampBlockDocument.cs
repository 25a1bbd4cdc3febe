using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A screw-clamp terminal block.</summary>
public sealed record ScrewClampBlockDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new ScrewClampBlock(Printed, TorqueMarking?.Read(), MetalSet);
}
