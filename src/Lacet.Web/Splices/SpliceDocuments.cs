using Lacet.Core.Drawings;
using Lacet.Core.Landings;
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

    internal static SpliceDocument Of(SpliceJoin join, HouseRules rules, ReaderFormat reader)
    {
        var recipe = SpliceRecipe.Of(join, rules);
        return new(
            recipe.Verdict,
            $"{SpliceFit.Say(join.Conductors)} in a {join.Connector.Name}",
            recipe.Strip is { } strip ? WindowDocument.Of(strip) : null,
            recipe.Prepare.Said(reader),
            recipe.Trim?.Read(),
            recipe.Seal?.Said(reader),
            recipe.Tube?.Says,
            recipe.PullOut?.ReadLeast(),
            recipe.Tug?.Read(),
            [.. recipe.PullsApart.Select(p => p.Said(reader))],
            [.. recipe.Steps.Select(s => StepDocument.Of(s, reader))],
            [.. recipe.Cautions.Select(c => c.Said(reader))],
            [.. recipe.Findings.Select(f => FindingDocument.Of(f, reader))],
            [
                .. recipe.Reasons.Select(r => new ReasonDocument(
                    r.Rule,
                    r.Reading,
                    r.Text.Said(reader),
                    r.Source,
                    r.Trust
                )),
            ],
            SceneDocument.Of(SpliceDrawing.Of(join, rules), reader)
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
