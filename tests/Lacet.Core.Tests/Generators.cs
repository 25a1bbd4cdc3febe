using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;

namespace Lacet.Core.Tests;

/// <summary>Any wire, any landing.</summary>
internal static class Generators
{
    internal static Gen<T> Pick<T>(params IReadOnlyList<T> from) => Gen.Int[0, from.Count - 1].Select(i => from[i]);

    internal static Gen<Conductor> Wires { get; } =
        from size in Pick(ConductorSize.Stocked)
        from build in Gen.Enum<Build>()
        from material in Gen.Enum<Material>()
        from thicker in Gen.Double[0.2, 12]
        from measured in Gen.Bool
        select measured
            ? Conductor.Of(size, build, material, Conductor.Of(size, build, material).Diameter + new Length(thicker))
            : Conductor.Of(size, build, material);

    internal static Gen<TorqueMarking?> Markings { get; } =
        from form in Gen.Int[0, 2]
        from least in Gen.Double[0.1, 20]
        from more in Gen.Double[0, 10]
        from unit in Gen.Enum<TorqueUnit>()
        select form switch
        {
            0 => null,
            1 => TorqueMarking.OfTarget(least, unit),
            _ => TorqueMarking.OfRange(least, least + more, unit),
        };

    private static Gen<Landing> Printed { get; } =
        from kind in Gen.Int[0, 6]
        from marking in Markings
        from least in Gen.Double[0.1, 30]
        from more in Gen.Double[0, 120]
        from depth in Gen.Double[3, 60]
        from given in Gen.Bool
        from ferrule in Gen.Enum<FerruleAcceptance>()
        from builds in Gen.Int[0, 3]
        from aluminium in Gen.Bool
        let accepts = builds == 3 ? null : new HashSet<Build> { (Build)builds, Build.Stranded }
        from opening in Gen.Double[0.5, 20]
        from narrow in Gen.Bool
        let data = given
            ? new PrintedData(
                least,
                least + more,
                new Length(depth),
                ferrule,
                accepts,
                narrow ? new Length(opening) : null,
                narrow ? new Length(2 * opening) : null
            )
            : new PrintedData()
        let metals = aluminium ? new HashSet<Material> { Material.Copper, Material.Aluminium } : null
        select kind switch
        {
            0 => (Landing)new BackWireClamp(data, marking, metals),
            1 => new BackStab(data, metals),
            2 => new LeverClamp(data, metals),
            3 => new ScrewClampBlock(data, marking, metals),
            4 => new SpringCageBlock(data, metals),
            5 => new PushInBlock(data, metals),
            _ => new DeepPushIn(data, metals),
        };

    private static Gen<Landing> Others { get; } =
        from kind in Gen.Int[0, 6]
        from screw in Pick(ScrewSize.All)
        from marking in Markings
        from least in Gen.Double[0.1, 30]
        from more in Gen.Double[0, 120]
        from length in Gen.Double[3, 16]
        from inches in Gen.Double[0.17, 0.5]
        from given in Gen.Bool
        from drive in Gen.Enum<LugDrive>()
        from small in Gen.Bool
        from aluminium in Gen.Bool
        let metals = aluminium ? new HashSet<Material> { Material.Copper, Material.Aluminium } : null
        select kind switch
        {
            0 => (Landing)new BindingScrew(given ? screw : null, marking, metals),
            1 => new PlugScrew(given ? screw : null, small ? PlugGrip.Clamp : PlugGrip.Hook, marking),
            2 => new InsulationDisplacement(
                given ? least : null,
                given ? least + more : null,
                given ? 1.2 : null,
                given ? 6 : null
            ),
            3 => new Stud(
                given ? length : null,
                given ? length : null,
                small ? RingShape.Fork : RingShape.Ring,
                marking
            ),
            4 => new SetScrewLug(
                given ? drive : null,
                given ? inches : null,
                given ? new LugSlot(inches / 8, inches, small) : null,
                given ? least : null,
                given ? least + more : null,
                given ? length : null,
                marking,
                metals
            ),
            5 => new CrimpedLug(given ? inches : null, given ? length : null, marking, metals),
            _ => new SolderLug(given ? (length / 4) + 0.2 : null),
        };

    internal static Gen<Landing> Landings { get; } =
        from printed in Gen.Bool
        from one in Printed
        from other in Others
        from two in Gen.Bool
        from temperature in Pick<int?>(null, 60, 75, 90)
        select (printed ? one : other) with
        {
            TakesTwo = two,
            TemperatureC = temperature,
        };

    internal static Gen<HouseRules> Rules { get; } =
        from fine in Gen.Enum<FerrulesOnFineStrands>()
        from colours in Gen.Enum<FerruleColours>()
        from tolerance in Gen.Double[0.06, 0.10]
        from backStab in Gen.Enum<BackStabHoles>()
        from wiring in Gen.Enum<ReceptacleWiring>()
        from hook in Gen.Enum<HookClosing>()
        from strands in Gen.Enum<StrandsBeforeFerrule>()
        from strip in Gen.Enum<StripForFerrules>()
        from days in Gen.Int[0, 90]
        select new HouseRules
        {
            FerrulesOnFineStrands = fine,
            FerruleColours = colours,
            SingleValueTolerance = tolerance,
            BackStabHoles = backStab,
            ReceptacleWiring = wiring,
            HookClosing = hook,
            StrandsBeforeFerrule = strands,
            StripForFerrules = strip,
            RecheckAfterDays = days,
        };

    /// <summary>Anything that can be in a hand.</summary>
    internal static Gen<EndAtHand> AtHand { get; } =
        from wire in Wires
        from second in Wires
        from landing in Landings
        from rules in Rules
        from how in Gen.Int[0, 9]
        from condition in Gen.Enum<EndCondition>()
        from shape in Gen.Enum<CrimpShape>()
        from amps in Gen.Double[1, 200]
        select new EndAtHand(wire, landing, rules)
        {
            Second = how switch
            {
                0 => wire,
                1 => second,
                _ => null,
            },
            Condition = how == 2 ? condition : EndCondition.Fresh,
            CrimpShape = how == 3 ? shape : null,
            CircuitAmps = how == 4 ? amps : null,
        };
}
