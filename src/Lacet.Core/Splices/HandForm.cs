using System.Text.Json.Serialization;

namespace Lacet.Core.Splices;

/// <summary>The hand splices of the trade.</summary>
public enum HandForm
{
    /// <summary>Two wires side by side, twisted.</summary>
    [JsonStringEnumMemberName("pigtail-2")]
    PigtailTwo,

    /// <summary>Three wires, twisted.</summary>
    [JsonStringEnumMemberName("pigtail-3")]
    PigtailThree,

    /// <summary>Four wires, twisted.</summary>
    [JsonStringEnumMemberName("pigtail-4")]
    PigtailFour,

    /// <summary>Two wires end to end, as on long runs of telegraph line.</summary>
    InLine,

    /// <summary>A wire wound on a run that goes on unbroken.</summary>
    Tap,

    /// <summary>Two bundles of strands, pushed into each other.</summary>
    FaceToFace,

    /// <summary>A bundle of strands wound both ways on a run of strands.</summary>
    StrandedTee,

    /// <summary>Strands wound on a solid wire that is folded back, as in fixtures.</summary>
    StrandedToSolid,
}
