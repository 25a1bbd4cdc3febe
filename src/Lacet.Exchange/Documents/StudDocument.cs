using System.Text.Json.Serialization;
using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A stud that a ring or fork goes on.</summary>
public sealed record StudDocument : LandingDocument
{
    /// <summary>Diameter of the stud, mm; null is taken as 4.</summary>
    public double? StudDiameterMm { get; init; }

    /// <summary>Depth of the ring's barrel, mm; null takes what its colour usually has.</summary>
    public double? BarrelDepthMm { get; init; }

    /// <summary>ring or fork; null is taken as ring.</summary>
    public RingShape? Termination { get; init; }

    /// <summary>The barrier screw, #6, #8 or #10, instead of a diameter.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Screw { get; init; }

    /// <summary>nut, slotted-nut, screw or lever; null is taken as a nut, or as the screw where one is named.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public StudHold? Hold { get; init; }

    private protected override Landing ReadKind() =>
        new Stud(
            StudDiameterMm,
            BarrelDepthMm,
            Termination,
            TorqueMarking?.Read(),
            Screw is null ? null : ScrewSize.Parse(Screw),
            Hold
        );
}
