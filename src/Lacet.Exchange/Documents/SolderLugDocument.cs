using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A tag that a conductor is soldered to.</summary>
public sealed record SolderLugDocument : LandingDocument
{
    /// <summary>The eye's diameter, mm.</summary>
    public double? HoleMm { get; init; }

    private protected override Landing ReadKind() => new SolderLug(HoleMm);
}
