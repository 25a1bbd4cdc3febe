using ArchUnitNET.Domain;
using ArchUnitNET.Domain.Dependencies;
using ArchUnitNET.Fluent.Slices;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace Lacet.Core.Tests;

/// <summary>
/// The layout of the house: no circles between the core's folders, and nothing of the world outside in it.
/// </summary>
public sealed class ArchitectureTests
{
    private static readonly Architecture Core = new ArchLoader()
        .LoadAssembly(typeof(Lacet.Core.Recipes.Recipe).Assembly)
        .Build();

    [Fact]
    public void There_are_no_circles_between_the_folders_of_the_core() =>
        SliceRuleDefinition.Slices().Matching("Lacet.Core.(*)").Should().BeFreeOfCycles().Check(Core);

    [Theory]
    [InlineData("Hooks", "Ferrules|Strip|Torques|Lugs|Cords|Circuits|Pull|Rework")]
    [InlineData("Ferrules", "Hooks|Strip|Torques|Lugs|Cords|Circuits|Pull|Rework")]
    [InlineData("Strip", "Hooks|Ferrules|Torques|Lugs|Cords|Circuits|Pull|Rework")]
    [InlineData("Torques", "Hooks|Ferrules|Strip|Lugs|Cords|Circuits|Pull|Rework")]
    [InlineData("Lugs", "Hooks|Ferrules|Strip|Torques|Cords|Circuits|Pull|Rework")]
    [InlineData("Cords", "Hooks|Ferrules|Strip|Torques|Lugs|Circuits|Pull|Rework")]
    [InlineData("Circuits", "Hooks|Ferrules|Strip|Torques|Lugs|Cords|Pull|Rework")]
    [InlineData("Pull", "Hooks|Ferrules|Strip|Torques|Lugs|Cords|Circuits|Rework")]
    [InlineData("Rework", "Hooks|Ferrules|Strip|Torques|Lugs|Cords|Circuits|Pull")]
    public void The_crafts_do_not_know_each_other(string craft, string others) =>
        Types()
            .That()
            .ResideInNamespace($"Lacet.Core.{craft}")
            .Should()
            .NotDependOnAny(Types().That().ResideInNamespaceMatching($"Lacet.Core.({others})"))
            .Check(Core);

    [Theory]
    [InlineData("Microsoft.AspNetCore")]
    [InlineData("Microsoft.Data")]
    [InlineData("System.Net")]
    [InlineData("System.Data")]
    [InlineData("System.Diagnostics.Process")]
    public void The_core_references_no_web_database_or_network(string forbidden) =>
        Assert.DoesNotContain(typeof(Lacet.Core.Recipes.Recipe).Assembly.GetReferencedAssemblies(), a =>
            a.Name!.StartsWith(forbidden, StringComparison.Ordinal)
        );

    [Theory]
    [InlineData("System.DateTime", "Now")]
    [InlineData("System.DateTimeOffset", "UtcNow")]
    [InlineData("System.TimeProvider", "System")]
    [InlineData("System.IO.File", "Open")]
    public void The_core_reads_no_clock_and_no_file(string type, string member) =>
        Assert.DoesNotContain(Calls, CallOf(type, member));

    [Fact]
    public void The_calls_that_are_looked_through_are_really_there() =>
        Assert.Contains(Calls, CallOf("System.Math", "Sqrt"));

    private static IEnumerable<MethodCallDependency> Calls =>
        Core.Types.SelectMany(t => t.Dependencies).OfType<MethodCallDependency>();

    private static Predicate<MethodCallDependency> CallOf(string type, string member) =>
        call => call.Target.FullName == type && call.TargetMember.Name.Contains(member, StringComparison.Ordinal);
}
