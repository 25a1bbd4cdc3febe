using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A terminal of a plug or cord connector.</summary>
public sealed record PlugScrewDocument : LandingDocument
{
    /// <summary>#6, #8 or #10; null is taken as #6.</summary>
    public string? Screw { get; init; }

    /// <summary>hook or clamp; null is taken as hook.</summary>
    public PlugGrip? Grip { get; init; }

    private protected override Landing ReadKind() => new PlugScrew(
        Screw is null ? null : ScrewSize.Parse(Screw), Grip, TorqueMarking?.Read());
}
