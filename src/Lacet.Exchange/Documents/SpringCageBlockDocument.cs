using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A spring-cage terminal block.</summary>
public sealed record SpringCageBlockDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new SpringCageBlock(Printed, MetalSet);
}
