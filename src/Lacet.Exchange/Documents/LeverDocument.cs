using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A lever clamp.</summary>
public sealed record LeverDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new LeverClamp(Printed, MetalSet);
}
