using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Web.Http;

namespace Lacet.Web.Splices;

/// <summary>What is in a box.</summary>
/// <param name="VolumeIn3">The volume marked in it, in³; null where that is not known.</param>
/// <param name="Conductors">Conductors from outside that end, are spliced, or run through.</param>
/// <param name="Earths">Earth conductors.</param>
/// <param name="Yokes">For each yoke that holds devices, the largest conductor that lands on it.</param>
/// <param name="InnerClamps">Whether cable clamps are inside.</param>
/// <param name="Studs">Studs: one allowance, however many.</param>
/// <param name="Pigtails">Pigtails that begin and end in the box.</param>
/// <param name="Hickeys">Hickeys: one allowance more, however many.</param>
public sealed record BoxRequest(
    double? VolumeIn3 = null,
    IReadOnlyList<CountedSizeDocument>? Conductors = null,
    IReadOnlyList<CountedSizeDocument>? Earths = null,
    IReadOnlyList<string>? Yokes = null,
    bool InnerClamps = false,
    int Studs = 0,
    int Pigtails = 0,
    int Hickeys = 0
)
{
    internal BoxFillDocument Fill()
    {
        var contents = new BoxContents(
            [.. (Conductors ?? []).Select(c => c.Read("conductors"))],
            [.. (Earths ?? []).Select(c => c.Read("earths"))]
        )
        {
            Yokes =
                (Yokes ?? []).Count <= 50
                    ? [.. (Yokes ?? []).Select(y => ConductorSize.Parse(y, "yokes"))]
                    : throw new ImpossibleInputException("yokes", "A box holds at most 50 yokes."),
            InnerClamps = InnerClamps,
            Studs = Studs,
            Hickeys = Hickeys,
            Pigtails = Pigtails,
        };
        return BoxFillDocument.Of(contents, BoxFill.Of(contents, VolumeIn3));
    }
}

/// <summary>How full a box is.</summary>
/// <param name="Says">The verdict, in a sentence or two.</param>
/// <param name="Shares">What takes room.</param>
/// <param name="Needed">in³ in all.</param>
/// <param name="Volume">in³ marked in the box; null where nobody said.</param>
/// <param name="Fits">Whether it fits; null where the volume is not known.</param>
/// <param name="Box">The smallest usual box that holds it; null where none does.</param>
/// <param name="Drawing">The box from the front, with what is counted in it.</param>
public sealed record BoxFillDocument(
    string Says,
    IReadOnlyList<BoxShare> Shares,
    double Needed,
    double? Volume,
    bool? Fits,
    UsualBox? Box,
    SceneDocument Drawing
)
{
    internal static BoxFillDocument Of(BoxContents contents, BoxFill fill) =>
        new(
            fill.Says.Said(Lead.Metric.Unit()),
            fill.Shares,
            fill.Needed,
            fill.Volume,
            fill.Fits,
            fill.Box,
            SceneDocument.Of(BoxFrontDrawing.Of(contents, fill), Lead.Metric.Unit())
        );
}

/// <summary>A pigtail that is to be planned.</summary>
/// <param name="LandingStripMm">What its end at the landing strips; null where that is not known.</param>
/// <param name="SpliceStripMm">What its end in the splice strips; by the house rule where nobody said.</param>
/// <param name="Reworks">How often it is to be made anew at the landing.</param>
/// <param name="Together">How many ends from outside it is spliced to.</param>
/// <param name="HouseRules">The house rules; what is left out is the default.</param>
public sealed record PigtailRequest(
    double? LandingStripMm = null,
    double? SpliceStripMm = null,
    int Reworks = SplicePigtail.UsualReworks,
    int Together = 1,
    HouseRules? HouseRules = null
);

/// <summary>A pigtail.</summary>
/// <param name="Length">What is cut.</param>
/// <param name="Free">What of that stays free (NEC 300.14).</param>
/// <param name="SpliceStrip">What its end in the splice strips.</param>
/// <param name="LandingStrip">What its other end strips.</param>
/// <param name="Spare">What of its length is there for making it anew.</param>
/// <param name="Reworks">How often it can be made anew.</param>
/// <param name="EndsInTheSplice">How many ends the connector has to take.</param>
/// <param name="Drawing">The pigtail stretched out, to scale, its splice in the box.</param>
public sealed record PigtailDocument(
    Readout Length,
    Readout Free,
    Readout SpliceStrip,
    Readout? LandingStrip,
    Readout Spare,
    int Reworks,
    int EndsInTheSplice,
    SceneDocument Drawing
);
