using System.Reflection;
using ArchUnitNET.Fluent.Slices;
using ArchUnitNET.Loader;
using ArchUnitNET.xUnitV3;

namespace Lacet.Web.Tests;

/// <summary>Arrows run one way: Web → Workshop → Store, Exchange, Devices, Core; each of those → Core alone.</summary>
public sealed partial class ArchitectureTests
{
    private static readonly Dictionary<string, string[]> May = new(StringComparer.Ordinal)
    {
        ["Lacet.Core"] = [],
        ["Lacet.Store"] = ["Lacet.Core"],
        ["Lacet.Exchange"] = ["Lacet.Core"],
        ["Lacet.Devices"] = ["Lacet.Core"],
        ["Lacet.Workshop"] = ["Lacet.Core", "Lacet.Devices", "Lacet.Exchange", "Lacet.Store"],
        ["Lacet.Web"] = ["Lacet.Core", "Lacet.Devices", "Lacet.Exchange", "Lacet.Store", "Lacet.Workshop"],
    };

    public static TheoryData<string> Projects => [.. May.Keys];

    [Theory]
    [MemberData(nameof(Projects))]
    public void A_project_references_only_what_it_may(string project)
    {
        var referenced = Assembly
            .Load(project)
            .GetReferencedAssemblies()
            .Select(a => a.Name!)
            .Where(n => n.StartsWith("Lacet.", StringComparison.Ordinal));
        Assert.Empty(referenced.Except(May[project]));
    }

    [Theory]
    [MemberData(nameof(Projects))]
    public void The_folders_of_a_project_form_no_circle(string project) =>
        SliceRuleDefinition
            .Slices()
            .Matching($"{project}.(*)")
            .Should()
            .BeFreeOfCycles()
            .Check(new ArchLoader().LoadAssembly(Assembly.Load(project)).Build());

    /// <summary>What is done without HTTP is done without HTTP.</summary>
    [Fact]
    public void The_workshop_knows_no_requests_and_no_status() =>
        Assert.DoesNotContain(Assembly.Load("Lacet.Workshop").GetReferencedAssemblies(), a =>
            a.Name!.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || a.Name == "System.Net.Http"
        );

    /// <summary>Tables are data, and as long as they are.</summary>
    [Fact]
    public void No_file_is_longer_than_300_lines() =>
        Assert.Empty(
            new[] { Repository.Of("src"), Repository.Of("tests"), Repository.Of("bench") }
                .SelectMany(f => Directory.EnumerateFiles(f, "*.cs", SearchOption.AllDirectories))
                .Concat(
                    new[] { Repository.Of("web", "src"), Repository.Of("web", "e2e") }.SelectMany(f =>
                        Directory.EnumerateFiles(f, "*.ts*", SearchOption.AllDirectories)
                    )
                )
                .Where(f => !Generated().IsMatch(f) && File.ReadLines(f).Count() > 300)
                .Select(Path.GetFileName)
        );

    [System.Text.RegularExpressions.GeneratedRegex(
        @"/(?:bin|obj|wwwroot|api)/|/Lacet\.Core\.Tests/Reference/(?:Retyped|TableGuards)\.cs$",
        System.Text.RegularExpressions.RegexOptions.None,
        1000
    )]
    private static partial System.Text.RegularExpressions.Regex Generated();

    /// <summary>What a build, a test or the demo writes there is left out of the repository.</summary>
    [Fact]
    public void Nothing_stray_lies_at_the_root()
    {
        string[] belongs =
        [
            ".ci",
            ".config",
            ".editorconfig",
            ".git",
            ".gitignore",
            "CONTRIBUTING.md",
            "Directory.Build.props",
            "Directory.Packages.props",
            "LICENSE",
            "Lacet.slnx",
            "README.md",
            "bench",
            "demo",
            "docs",
            "global.json",
            "lacet",
            "scripts",
            "src",
            "tests",
            "web",
        ];
        string[] written = [".lacet", "data", "TestResults", "BenchmarkDotNet.Artifacts", "bin", "obj"];
        var there = Directory
            .EnumerateFileSystemEntries(Repository.Root)
            .Select(e => Path.GetFileName(e))
            .Where(e => !e.StartsWith("data.old-", StringComparison.Ordinal));
        Assert.Empty(there.Except(belongs).Except(written));
    }
}
