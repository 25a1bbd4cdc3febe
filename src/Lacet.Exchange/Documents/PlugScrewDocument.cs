using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A terminal of a plug or cord connector.</summary>
public sealed record PlugScrewDocument : LandingDocument
{
    /// <summary>#6, #8 or #10; null is taken as #6.</summary>
    public string? Screw { get; init; }

    /// <summary>hook or clamp; null is taken as hook.</summary>
    public PlugGrip? Grip { get; init; }

    /// <summary>From the inside of its clamp to the line’s screw, mm; the neutral’s is given with it.</summary>
    public double? ToLineMm { get; init; }

    /// <summary>From the inside of its clamp to the neutral’s screw, mm.</summary>
    public double? ToNeutralMm { get; init; }

    /// <summary>From the inside of its clamp to the earth’s screw, mm; left out in a plug without one.</summary>
    public double? ToEarthMm { get; init; }

    private protected override Landing ReadKind() =>
        new PlugScrew(Screw is null ? null : ScrewSize.Parse(Screw), Grip, TorqueMarking?.Read()) { Paths = Paths };

    private PlugPaths? Paths =>
        (ToLineMm, ToNeutralMm, ToEarthMm) switch
        {
            (null, null, null) => null,
            ({ } line, { } neutral, var earth) => new(new(line), new(neutral), earth is { } mm ? new Length(mm) : null),
            _ => throw new ImpossibleInputException(
                "landing.toLineMm",
                "A plug’s ways are given to its line and its neutral, both."
            ),
        };
}
