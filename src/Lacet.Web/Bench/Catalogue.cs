using Lacet.Core.Conductors;
using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Web.Bench;

/// <summary>What the pickers of the Bench offer: stocked sizes, usual landings, and pairs to begin with.</summary>
internal static class Catalogue
{
    private static readonly TorqueMarkingDocument ReceptacleTorque = new("lbf·in", Least: 14, Most: 18);
    private static readonly TorqueMarkingDocument BlockTorque = new("N·m", Least: 0.5, Most: 0.8);

    internal static IReadOnlyList<LandingSample> Landings { get; } =
    [
        .. ScrewSize.All.Select(s => Sample($"{s.Name} binding screw", new BindingScrewDocument { Screw = s.Name })),
        Block("Block to 2.5 mm²", 0.25, 2.5, 8),
        Block("Block to 4 mm²", 0.5, 4, 9),
        Block("Block to 10 mm²", 0.75, 10, 11),
        Block("Block to 16 mm²", 1.5, 16, 12),
        Block("Block to 35 mm²", 6, 35, 18),
        Block("Block to 120 mm²", 35, 120, 32),
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
                SceneDocument.Of(CrossSection.Of(conductor), UnitLead.Metric));
        }),
    ];

    private static LandingSample Block(string name, double least, double most, double depth) =>
        Sample(name, Terminal(least, most, depth, null));

    private static ScrewClampBlockDocument Terminal(double least, double most, double depth, TorqueMarkingDocument? torque) => new()
    {
        LeastMm2 = least,
        MostMm2 = most,
        StripDepthMm = depth,
        Ferrule = FerruleAcceptance.Allowed,
        TorqueMarking = torque,
    };

    private static LandingSample Sample(string name, LandingDocument landing) =>
        new(name, landing, SceneDocument.Of(LandingSketch.Of(landing.Read()), UnitLead.Metric));
}
