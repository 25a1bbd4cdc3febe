using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Web.Http;

namespace Lacet.Web.Splices;

/// <summary>A connector as it is asked about; what is left out is usual for its kind.</summary>
/// <param name="Kind">lever, twist-on, push-in, crimp-sleeve-tube, sealed-twist-on, solder or none.</param>
/// <param name="LeastMm2">Smallest area, mm²: of each conductor for lever and push-in, of all together for the
/// others.</param>
/// <param name="MostMm2">Largest area, mm², of the same.</param>
/// <param name="LeastCount">Fewest conductors.</param>
/// <param name="MostCount">Most conductors.</param>
/// <param name="Combinations">The combinations on its sheet; where there are any, it is good for these and no
/// others.</param>
/// <param name="Name">What it is called.</param>
/// <param name="StripMm">The strip length on its sheet.</param>
/// <param name="ListedWet">Whether it is listed for wet places, whatever its kind.</param>
/// <param name="TakesBothMetals">Whether it is listed for copper with aluminium.</param>
public sealed record AskedConnector(
    ConnectorKind Kind,
    double? LeastMm2 = null,
    double? MostMm2 = null,
    int? LeastCount = null,
    int? MostCount = null,
    IReadOnlyList<CombinationDocument>? Combinations = null,
    string? Name = null,
    double? StripMm = null,
    bool ListedWet = false,
    bool TakesBothMetals = false
)
{
    internal SpliceConnector Read()
    {
        var usual = ConnectorRow.All[Kind].Usual;
        return new SpliceConnector(
            string.IsNullOrWhiteSpace(Name) ? usual.Name : Name,
            LeastCount ?? usual.LeastCount,
            MostCount ?? Math.Max(usual.MostCount, LeastCount ?? 0),
            LeastMm2 ?? Math.Min(usual.LeastMm2, MostMm2 ?? usual.LeastMm2),
            MostMm2 ?? Math.Max(usual.MostMm2, LeastMm2 ?? 0),
            TakesBothMetals
        )
        {
            Kind = Kind,
            Strip = StripMm is { } mm ? new Length(mm) : null,
            IsListedWet = ListedWet,
            Combinations = [.. (Combinations ?? []).Select(c => c.Read())],
        }.Checked("connector");
    }
}

/// <summary>Ends that are to be joined.</summary>
/// <param name="Conductors">The ends.</param>
/// <param name="Connector">What joins them.</param>
/// <param name="Place">dry, damp, wet or buried.</param>
/// <param name="InCord">Whether it is in a flexible cord.</param>
/// <param name="HardService">Whether that cord is hard-service or junior hard-service.</param>
/// <param name="IsEarth">Whether it carries an earth.</param>
/// <param name="HouseRules">The house rules; what is left out is the default.</param>
/// <param name="Lead">Which unit leads.</param>
/// <param name="Sides">Which conductor of a flat twin cable each end is, in the same order: none, ribbed or
/// smooth.</param>
public sealed record SpliceRequest(
    IReadOnlyList<ConductorDocument> Conductors,
    AskedConnector Connector,
    SplicePlace Place = SplicePlace.Dry,
    bool InCord = false,
    bool HardService = false,
    bool IsEarth = false,
    HouseRules? HouseRules = null,
    Lead Lead = Lead.Metric,
    IReadOnlyList<CableSide>? Sides = null
)
{
    internal SpliceJoin Read() =>
        new(
            Conductors.Count is >= 1 and <= 40
                ? [.. Conductors.Select(c => c.Read())]
                : throw new ImpossibleInputException("conductors", "Say which ends are joined: from 1 to 40."),
            Connector.Read(),
            Place
        )
        {
            InCord = InCord,
            HardService = HardService,
            IsEarth = IsEarth,
            Sides = Sides ?? [],
        };

    /// <summary>
    /// Its ends in each kind of connector: of its own kind in its own, of every other in one of which only that is
    /// known.
    /// </summary>
    internal IReadOnlyList<SpliceInKind> OfEachKind()
    {
        var join = Read();
        var rules = HouseRules ?? Core.Landings.HouseRules.Default;
        return
        [
            .. Enum.GetValues<ConnectorKind>()
                .Select(kind =>
                {
                    var inKind =
                        kind == Connector.Kind ? join : join with { Connector = new AskedConnector(kind).Read() };
                    var recipe = SpliceRecipe.Of(inKind, rules);
                    return new SpliceInKind(
                        kind,
                        recipe.Verdict,
                        SceneDocument.Of(SpliceDrawing.Of(inKind, rules), Lead.Unit())
                    );
                }),
        ];
    }
}

/// <summary>How ends are joined.</summary>
/// <param name="Verdict">stop, caution or go.</param>
/// <param name="Says">The joint in a few words.</param>
/// <param name="Strip">Bare metal of each end; null at a stop.</param>
/// <param name="Prepare">Twisted or straight, trimmed or not.</param>
/// <param name="Trim">What is left bare after trimming; null where nothing is trimmed, and at a stop.</param>
/// <param name="Seal">How water is kept out; null where it need not be.</param>
/// <param name="Tube">Which tube and sleeve; null for every other kind.</param>
/// <param name="PullOut">What a sample of the thinnest end must hold.</param>
/// <param name="Tug">What each is tugged with by hand.</param>
/// <param name="PullsApart">What would open the joint.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Cautions">One line each.</param>
/// <param name="Findings">What is wrong, the worst first.</param>
/// <param name="Reasons">Why.</param>
/// <param name="Scene">The joint as it will look, to scale.</param>
public sealed record SpliceDocument(
    Verdict Verdict,
    string Says,
    WindowDocument? Strip,
    string Prepare,
    Readout? Trim,
    string? Seal,
    string? Tube,
    Readout? PullOut,
    Readout? Tug,
    IReadOnlyList<string> PullsApart,
    IReadOnlyList<StepDocument> Steps,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<FindingDocument> Findings,
    IReadOnlyList<ReasonDocument> Reasons,
    SceneDocument Scene
)
{
    /// <summary>What rests on a usual value, and where it is printed.</summary>
    public IReadOnlyList<ReadOff> ReadOff { get; init; } = [];

    internal static SpliceDocument Of(SpliceJoin join, HouseRules rules, UnitLead lead)
    {
        var recipe = SpliceRecipe.Of(join, rules);
        return new(
            recipe.Verdict,
            $"{SpliceFit.Say(join.Conductors)} in a {join.Connector.Name}",
            recipe.Strip is { } strip ? WindowDocument.Of(strip) : null,
            recipe.Prepare.ToString(lead),
            recipe.Trim?.Read(),
            recipe.Seal?.ToString(lead),
            recipe.Tube?.Says,
            recipe.PullOut?.ReadLeast(),
            recipe.Tug?.Read(),
            [.. recipe.PullsApart.Select(p => p.ToString(lead))],
            [.. recipe.Steps.Select(s => StepDocument.Of(s, lead))],
            [.. recipe.Cautions.Select(c => c.ToString(lead))],
            [.. recipe.Findings.Select(f => FindingDocument.Of(f, lead))],
            [
                .. recipe.Reasons.Select(r => new ReasonDocument(
                    r.Rule,
                    r.Reading,
                    r.Text.ToString(lead),
                    r.Source,
                    r.Trust
                )),
            ],
            SceneDocument.Of(SpliceDrawing.Of(join, rules), lead)
        )
        {
            ReadOff = recipe.ReadOff,
        };
    }
}

/// <summary>A connector of the Shelf beside the others.</summary>
/// <param name="Code">Its code on the Shelf.</param>
/// <param name="Connector">Its data.</param>
/// <param name="Fits">Whether nothing forbids it.</param>
/// <param name="Why">What speaks for it, or why it does not fit.</param>
/// <param name="Length">How long it is in the box.</param>
/// <param name="Width">How wide.</param>
public sealed record RankedConnectorDocument(
    string Code,
    SpliceConnector Connector,
    bool Fits,
    IReadOnlyList<string> Why,
    Readout Length,
    Readout Width
);

/// <summary>A hand splice that is asked for.</summary>
/// <param name="Form">pigtail-2, pigtail-3, pigtail-4, in-line, tap, face-to-face, stranded-tee or
/// stranded-to-solid.</param>
/// <param name="Conductor">The wire.</param>
/// <param name="Turns">How often it goes round; 4 open and 4 tight where nobody said.</param>
/// <param name="HouseRules">The house rules; what is left out is the default.</param>
/// <param name="Lead">Which unit leads.</param>
public sealed record HandSpliceRequest(
    HandForm Form,
    ConductorDocument Conductor,
    TurnsDocument? Turns = null,
    HouseRules? HouseRules = null,
    Lead Lead = Lead.Metric
);

/// <summary>How often a wire goes round.</summary>
/// <param name="Open">Turns with room between them.</param>
/// <param name="Tight">Turns that touch.</param>
public sealed record TurnsDocument(int Open, int Tight);

/// <summary>A hand splice.</summary>
/// <param name="Says">Which, in a few words.</param>
/// <param name="Wires">What is bared of each wire.</param>
/// <param name="Turns">How often it goes round.</param>
/// <param name="Trim">What is left after trimming; null where nothing is trimmed.</param>
/// <param name="Joint">How long the finished joint is.</param>
/// <param name="Diameter">How thick.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Limits">What it is for, and what not.</param>
/// <param name="Tape">Its insulation, from the inside out.</param>
/// <param name="NotFinished">That a bare twist is not finished.</param>
/// <param name="Scene">It wound, before solder and tape, to scale.</param>
public sealed record HandSpliceDocument(
    string Says,
    IReadOnlyList<BaredWireDocument> Wires,
    TurnsDocument Turns,
    Readout? Trim,
    Readout Joint,
    Readout Diameter,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Limits,
    IReadOnlyList<TapeLayerDocument> Tape,
    string NotFinished,
    SceneDocument Scene
)
{
    internal static HandSpliceDocument Of(HandSplice splice, UnitLead lead) =>
        new(
            $"{HandSpliceDrawing.SayOf(splice.Form)}, {splice.Conductor.Size.NameInBoth}",
            [.. splice.Wires.Select(w => new BaredWireDocument(w.Name, w.Bare.Read(), w.InTheMiddle))],
            new(splice.Turns.Open, splice.Turns.Tight),
            splice.Trim?.Read(),
            splice.Joint.Read(),
            splice.Diameter.Read(),
            [.. splice.Steps.Select(s => s.ToString(lead))],
            [.. splice.Limits.Select(l => l.ToString(lead))],
            [
                .. splice.Tape.Select(t => new TapeLayerDocument(
                    t.Tape,
                    t.Width.Read(),
                    t.Covers.Read(),
                    t.TapeLength.Read(),
                    t.Thickness.Read()
                )),
            ],
            HandSplice.NotFinished.ToString(lead),
            SceneDocument.Of(HandSpliceDrawing.Of(splice), lead)
        );
}

/// <summary>What is bared of a wire.</summary>
public sealed record BaredWireDocument(string Name, Readout Bare, bool InTheMiddle);

/// <summary>A half-lapped layer of tape.</summary>
public sealed record TapeLayerDocument(
    string Tape,
    Readout Width,
    Readout Covers,
    Readout TapeLength,
    Readout Thickness
);

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
    internal BoxFill Fill() =>
        BoxFill.Of(
            new(
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
            },
            VolumeIn3
        );
}

/// <summary>How full a box is.</summary>
/// <param name="Says">The verdict, in a sentence or two.</param>
/// <param name="Shares">What takes room.</param>
/// <param name="Needed">in³ in all.</param>
/// <param name="Volume">in³ marked in the box; null where nobody said.</param>
/// <param name="Fits">Whether it fits; null where the volume is not known.</param>
/// <param name="Box">The smallest usual box that holds it; null where none does.</param>
public sealed record BoxFillDocument(
    string Says,
    IReadOnlyList<BoxShare> Shares,
    double Needed,
    double? Volume,
    bool? Fits,
    UsualBox? Box
)
{
    internal static BoxFillDocument Of(BoxFill fill) =>
        new(fill.Says.ToString(UnitLead.Metric), fill.Shares, fill.Needed, fill.Volume, fill.Fits, fill.Box);
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
public sealed record PigtailDocument(
    Readout Length,
    Readout Free,
    Readout SpliceStrip,
    Readout? LandingStrip,
    Readout Spare,
    int Reworks,
    int EndsInTheSplice
);
