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

    internal static Gen<Landing> Landings { get; } =
        from screw in Pick(ScrewSize.All)
        from marking in Markings
        from least in Gen.Double[0.1, 30]
        from more in Gen.Double[0, 120]
        from depth in Gen.Double[3, 60]
        from given in Gen.Bool
        from ferrule in Gen.Enum<FerruleAcceptance>()
        from aluminium in Gen.Bool
        from isScrew in Gen.Bool
        let metals = aluminium ? new HashSet<Material> { Material.Copper, Material.Aluminium } : null
        select isScrew
            ? (Landing)new BindingScrew(given ? screw : null, marking, metals)
            : new ScrewClampBlock(given ? least : null, given ? least + more : null, given ? new Length(depth) : null, marking, ferrule, metals);

    internal static Gen<HouseRules> Rules { get; } =
        from fine in Gen.Enum<FerrulesOnFineStrands>()
        from colours in Gen.Enum<FerruleColours>()
        from tolerance in Gen.Double[0.06, 0.10]
        select new HouseRules(fine, colours, tolerance);
}
