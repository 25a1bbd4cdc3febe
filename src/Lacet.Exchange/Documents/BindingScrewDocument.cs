using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A receptacle's or switch's binding screw.</summary>
public sealed record BindingScrewDocument : LandingDocument
{
    /// <summary>#6, #8 or #10; null is taken as #8.</summary>
    public string? Screw { get; init; }

    private protected override Landing ReadKind() => new BindingScrew(
        Screw is null ? null : ScrewSize.Parse(Screw), TorqueMarking?.Read(), MetalSet);
}
