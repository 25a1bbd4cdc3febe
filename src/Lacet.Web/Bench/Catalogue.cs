using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Bench;

/// <summary>What the pickers of the Bench offer: stocked sizes, usual landings, and pairs to begin with.</summary>
internal static class Catalogue
{
    private static readonly TorqueMarkingDocument ReceptacleTorque = new("lbf·in", Least: 14, Most: 18);
    private static readonly TorqueMarkingDocument BlockTorque = new("N·m", Least: 0.5, Most: 0.8);

    internal static IReadOnlyList<LandingKind> Kinds { get; } =
    [
        Kind(
            "binding-screw",
            "Binding screw",
            [
                .. ScrewSize.All.Select(s =>
                    ($"{s.Name} screw", (LandingDocument)new BindingScrewDocument { Screw = s.Name })
                ),
            ]
        ),
        Kind("back-wire-clamp", "Back-wire clamp", [("Clamp", new BackWireClampDocument())]),
        Kind("back-stab", "Back-stab hole", [("Back-stab", new BackStabDocument())]),
        Kind(
            "screw-clamp-block",
            "Screw-clamp block",
            [
                Block("to 2.5 mm²", 0.25, 2.5, 8),
                Block("to 4 mm²", 0.5, 4, 9),
                Block("to 10 mm²", 0.75, 10, 11),
                Block("to 16 mm²", 1.5, 16, 12),
                Block("to 35 mm²", 6, 35, 18),
                Block("to 120 mm²", 35, 120, 32),
            ]
        ),
        Kind(
            "spring-cage-block",
            "Spring-cage block",
            [
                ("to 2.5 mm²", new SpringCageBlockDocument { LeastMm2 = 0.08, MostMm2 = 2.5 }),
                ("to 4 mm²", new SpringCageBlockDocument()),
                ("to 10 mm²", new SpringCageBlockDocument { LeastMm2 = 0.2, MostMm2 = 10 }),
            ]
        ),
        Kind(
            "push-in-block",
            "Push-in block",
            [
                ("to 2.5 mm²", new PushInBlockDocument { LeastMm2 = 0.14, MostMm2 = 2.5 }),
                ("to 4 mm²", new PushInBlockDocument()),
                ("to 10 mm²", new PushInBlockDocument { LeastMm2 = 0.5, MostMm2 = 10 }),
            ]
        ),
        Kind("deep-push-in", "Deep push-in", [("Throat", new DeepPushInDocument())]),
        Kind("lever", "Lever clamp", [("Lever", new LeverDocument())]),
        Kind("insulation-displacement", "Insulation displacement", [("Block", new InsulationDisplacementDocument())]),
        Kind(
            "stud",
            "Stud: ring or fork",
            [
                ("M4 ring", new StudDocument { StudDiameterMm = 4 }),
                ("M5 ring", new StudDocument { StudDiameterMm = 5 }),
                ("M4 fork", new StudDocument { StudDiameterMm = 4, Termination = RingShape.Fork }),
            ]
        ),
        Kind(
            "set-screw-lug",
            "Set-screw lug",
            [
                (
                    "to 2 AWG",
                    new SetScrewLugDocument
                    {
                        LeastMm2 = 2,
                        MostMm2 = 35,
                        Drive = LugDrive.Slotted,
                    }
                ),
                (
                    "to 1/0",
                    new SetScrewLugDocument
                    {
                        LeastMm2 = 2,
                        MostMm2 = 54,
                        Drive = LugDrive.HexSocket,
                        AcrossFlatsIn = 0.1875,
                    }
                ),
                (
                    "to 250",
                    new SetScrewLugDocument
                    {
                        LeastMm2 = 13,
                        MostMm2 = 127,
                        Drive = LugDrive.HexSocket,
                        AcrossFlatsIn = 0.3125,
                    }
                ),
            ]
        ),
        Kind(
            "crimped-lug",
            "Crimped lug",
            [
                ("1/4 in bolt", new CrimpedLugDocument { BoltDiameterIn = 0.25 }),
                ("3/8 in bolt", new CrimpedLugDocument { BoltDiameterIn = 0.375 }),
            ]
        ),
        Kind(
            "plug-screw",
            "Plug",
            [("Hook", new PlugScrewDocument()), ("Plate", new PlugScrewDocument { Grip = PlugGrip.Clamp })]
        ),
        Kind("solder-lug", "Solder lug", [("Tag", new SolderLugDocument())]),
    ];

    internal static IReadOnlyList<StarterPair> Starters { get; } =
    [
        new(new("14 AWG", Build.Solid), new BindingScrewDocument { Screw = "#8", TorqueMarking = ReceptacleTorque }),
        new(new("12 AWG", Build.Solid), new BindingScrewDocument { Screw = "#8", TorqueMarking = ReceptacleTorque }),
        new(new("1.5 mm²", Build.FineStranded), Terminal(0.5, 4, 9, BlockTorque)),
        new(new("2.5 mm²", Build.FineStranded), Terminal(0.5, 4, 9, BlockTorque)),
        new(new("10 AWG", Build.Stranded), Terminal(0.75, 10, 11, new("N·m", Least: 1.2, Most: 1.5))),
        new(new("16 mm²", Build.FineStranded), Terminal(1.5, 16, 12, new("N·m", Target: 2.5))),
    ];

    internal static IReadOnlyList<RackSize> Rack(Build build) =>
        [
            .. ConductorSize.Stocked.Select(size =>
            {
                var conductor = Conductor.Of(size, build, Material.Copper);
                return new RackSize(
                    size.Name,
                    size.System,
                    size.Area.Read(),
                    conductor.InsulationOuterDiameter.Read(),
                    SceneDocument.Of(CrossSection.Of(conductor), Lead.Metric.Unit())
                );
            }),
        ];

    private static (string, LandingDocument) Block(string name, double least, double most, double depth) =>
        (name, Terminal(least, most, depth, null));

    private static ScrewClampBlockDocument Terminal(
        double least,
        double most,
        double depth,
        TorqueMarkingDocument? torque
    ) =>
        new()
        {
            LeastMm2 = least,
            MostMm2 = most,
            StripDepthMm = depth,
            Ferrule = FerruleAcceptance.Allowed,
            TorqueMarking = torque,
        };

    private static LandingKind Kind(string kind, string name, (string Name, LandingDocument Landing)[] samples) =>
        new(
            kind,
            name,
            samples[0].Landing.Read().IsTightened,
            [
                .. samples.Select(s => new LandingSample(
                    s.Name,
                    s.Landing,
                    SceneDocument.Of(LandingSketch.Of(s.Landing.Read()), ReaderFormat.Metric)
                )),
            ]
        );
}
