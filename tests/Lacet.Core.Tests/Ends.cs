using Lacet.Core.Checks.End;
using Lacet.Core.Recipes;
using Lacet.Core.Torques;

namespace Lacet.Core.Tests;

/// <summary>Short ways to make the ends that tests speak about.</summary>
internal static class Ends
{
    internal static Conductor Wire(
        string size,
        Build build = Build.Solid,
        double? od = null,
        Material material = Material.Copper
    ) => Conductor.Of(ConductorSize.Parse(size), build, material, od is { } mm ? new Length(mm) : null);

    internal static BindingScrew Screw(string screw = "#8", TorqueMarking? torque = null, params Material[] metals) =>
        new(ScrewSize.Parse(screw), torque ?? Marked(14, 18), metals.Length == 0 ? null : metals.ToHashSet());

    internal static BindingScrew UnmarkedScrew(string screw = "#8") => new(ScrewSize.Parse(screw), null);

    internal static ScrewClampBlock Block(
        double least = 0.5,
        double most = 4,
        double? depth = 9,
        FerruleAcceptance? ferrule = FerruleAcceptance.Allowed,
        bool marked = true
    ) =>
        new(
            new(least, most, depth is { } mm ? new Length(mm) : null, ferrule),
            marked ? TorqueMarking.OfRange(0.5, 0.8, TorqueUnit.NewtonMetre) : null
        );

    internal static TorqueMarking Marked(double least, double most) =>
        TorqueMarking.OfRange(least, most, TorqueUnit.InchPound);

    internal static Recipe Recipe(Conductor wire, Landing landing, HouseRules? rules = null) =>
        RecipeBook.For(wire, landing, rules ?? HouseRules.Default);

    internal static IReadOnlyList<Finding> Judge(Conductor wire, Landing landing, HouseRules? rules = null) =>
        EndChecks.Judge(new EndPlan(wire, landing, rules ?? HouseRules.Default));

    internal static TorqueChoice Torque(Landing landing, string wire = "14", HouseRules? rules = null) =>
        new EndPlan(Wire(wire, Build.Stranded), landing, rules ?? HouseRules.Default).Torque!;

    internal static string Read(FormattableString sentence) => sentence.ToString(ReaderFormat.Metric);
}
