using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A push-in terminal in a deep throat.</summary>
public sealed record DeepPushInDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new DeepPushIn(Printed, MetalSet);
}
