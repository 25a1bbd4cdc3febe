using BenchmarkDotNet.Attributes;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Exchange.Documents;

namespace Lacet.Bench;

/// <summary>Recipes in process, on one core: steps, findings and reasons included.</summary>
[MemoryDiagnoser(displayGenColumns: false)]
public class RecipeBenchmarks
{
    private readonly Conductor _solid = Conductor.Of(ConductorSize.Parse("14 AWG"), Build.Solid, Material.Copper);
    private readonly Conductor _fine = Conductor.Of(
        ConductorSize.Parse("2.5 mm²"),
        Build.FineStranded,
        Material.Copper
    );
    private readonly Landing _screw = new BindingScrew(
        ScrewSize.Parse("#8"),
        TorqueMarking.OfRange(14, 18, TorqueUnit.InchPound)
    );
    private readonly Landing _block = new ScrewClampBlock(
        new(0.5, 4, new Length(9), FerruleAcceptance.Allowed),
        TorqueMarking.OfRange(0.5, 0.8, TorqueUnit.NewtonMetre)
    );

    /// <summary>A hook under a binding screw.</summary>
    [Benchmark]
    public Recipe BindingScrew() => RecipeBook.For(_solid, _screw, HouseRules.Default);

    /// <summary>A ferruled end in a block.</summary>
    [Benchmark]
    public Recipe ScrewClampBlock() => RecipeBook.For(_fine, _block, HouseRules.Default);

    /// <summary>The same, with every sentence rendered, as an answer over HTTP needs it.</summary>
    [Benchmark]
    public RecipeDocument ScrewClampBlockRendered() => RecipeDocument.Of(ScrewClampBlock(), ReaderFormat.Metric);
}
