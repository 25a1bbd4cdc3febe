using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A spring hole in the back of a receptacle.</summary>
public sealed record BackStabDocument : PrintedLandingDocument
{
    private protected override Landing ReadKind() => new BackStab(Printed, MetalSet);
}
