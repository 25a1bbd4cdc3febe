using System.Text.Json;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Shelf;

/// <summary>The columns of each kind's table: see docs/formats/shelf.md.</summary>
public static class ShelfColumns
{
    private static readonly ShelfColumn[] Common =
    [
        Text("code"),
        Text("name"),
        Text("note"),
        Word<DataTrust>("trust", "trust"),
    ];

    /// <summary>Kinds that have a table, in the order in which they are shown.</summary>
    public static IReadOnlyList<string> Kinds { get; } =
    ["landing", "conductor", "ferrules", "connector", "device", "tool"];

    /// <summary>The columns of a kind; null where there is no such kind.</summary>
    public static IReadOnlyList<ShelfColumn>? Of(string kind) =>
        kind switch
        {
            "landing" => Landing(),
            "conductor" =>
            [
                .. Common,
                new("size", "conductor.size", ShelfCell.Text),
                Word<Build>("build", "conductor.build"),
                Word<Material>("material", "conductor.material"),
                Number("insulationOuterDiameterMm", "conductor"),
                Text("colour"),
            ],
            "ferrules" =>
            [
                .. Common,
                new("sizesMm2", "sizesMm2", ShelfCell.Numbers),
                Word<FerruleColours>("series", "series"),
                Number("piecesOfEach"),
            ],
            "connector" =>
            [
                .. Common,
                Number("leastCount"),
                Number("mostCount"),
                Number("leastMm2"),
                Number("mostMm2"),
                Number("stripMm"),
                Flag("sealed", "sealed"),
                Word<ConnectorKind>("type", "type"),
                Flag("bothMetals", "bothMetals"),
            ],
            "device" =>
            [
                .. Common,
                Word<DeviceType>("type", "type"),
                Number("ratedVolts"),
                Word<CurrentKind>("ratedCurrent", "ratedCurrent"),
                Number("givesVolts"),
                new("inside", "inside", ShelfCell.Pairs, WordsOf<InsideKind>()),
            ],
            "tool" =>
            [
                .. Common,
                Word<ShelfTool>("tool", "tool"),
                Number("scaleNm"),
                Text("calibratedOn"),
                Number("cyclesSinceCalibration"),
                Number("leastMm2"),
                Number("mostMm2"),
                Word<CrimpShape>("crimpShape", "crimpShape"),
            ],
            _ => null,
        };

    private static IReadOnlyList<ShelfColumn> Landing() =>
        [
            .. Common,
            new("landingKind", "landing.kind", ShelfCell.Word, LandingDocument.Kinds),
            Number("leastMm2", "landing"),
            Number("mostMm2", "landing"),
            Number("stripDepthMm", "landing"),
            Number("openingMm", "landing"),
            Number("pitchMm", "landing"),
            Word<FerruleAcceptance>("ferrule", "landing.ferrule"),
            new("accepts", "landing.accepts", ShelfCell.Words, WordsOf<AcceptedBuild>()),
            new("torqueTarget", "landing.torqueMarking.target", ShelfCell.Number),
            new("torqueLeast", "landing.torqueMarking.least", ShelfCell.Number),
            new("torqueMost", "landing.torqueMarking.most", ShelfCell.Number),
            new("torqueUnit", "landing.torqueMarking.unit", ShelfCell.Word, ["N·m", "lbf·in", "lbf·ft"]),
            new("metals", "landing.metals", ShelfCell.Words, WordsOf<Material>()),
            Flag("takesTwo", "landing.takesTwo"),
            Number("temperatureC", "landing"),
            new("screw", "landing.screw", ShelfCell.Word, [.. ScrewSize.All.Select(s => s.Name)]),
            Word<ScrewOn>("on", "landing.on"),
            Flag("coAlr", "landing.coAlr"),
            Flag("accessible", "landing.accessible"),
            Flag("visible", "landing.visible"),
            Word<PlugGrip>("grip", "landing.grip"),
            Number("toLineMm", "landing"),
            Number("toNeutralMm", "landing"),
            Number("toEarthMm", "landing"),
            Number("studDiameterMm", "landing"),
            Word<RingShape>("termination", "landing.termination"),
            Word<StudHold>("hold", "landing.hold"),
            Number("barrelDepthMm", "landing"),
            Word<LugDrive>("drive", "landing.drive"),
            Number("acrossFlatsIn", "landing"),
            Number("slotWidthIn", "landing"),
            Number("slotLengthIn", "landing"),
            Flag("smallerThanNumber10", "landing.smallerThanNumber10"),
            Number("boltDiameterIn", "landing"),
            Number("insulationLeastMm", "landing"),
            Number("insulationMostMm", "landing"),
            Number("holeMm", "landing"),
        ];

    private static ShelfColumn Text(string name) => new(name, name, ShelfCell.Text);

    private static ShelfColumn Number(string name, string? within = null) =>
        new(name, within is null ? name : $"{within}.{name}", ShelfCell.Number);

    private static ShelfColumn Flag(string name, string path) => new(name, path, ShelfCell.Flag);

    private static ShelfColumn Word<TEnum>(string name, string path)
        where TEnum : struct, Enum => new(name, path, ShelfCell.Word, WordsOf<TEnum>());

    private static IReadOnlyList<string> WordsOf<TEnum>()
        where TEnum : struct, Enum => [.. Enum.GetNames<TEnum>().Select(JsonNamingPolicy.KebabCaseLower.ConvertName)];
}
