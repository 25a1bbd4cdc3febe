using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A push-in terminal block.</summary>
public sealed record PushInBlockDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new PushInBlock(Printed, MetalSet);
}
