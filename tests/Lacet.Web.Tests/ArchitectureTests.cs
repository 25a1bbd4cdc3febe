using System.Reflection;

namespace Lacet.Web.Tests;

/// <summary>Arrows run one way: Web → Store, Exchange, Devices, Core; each of those → Core alone.</summary>
public sealed class ArchitectureTests
{
    private static readonly Dictionary<string, string[]> May = new(StringComparer.Ordinal)
    {
        ["Lacet.Core"] = [],
        ["Lacet.Store"] = ["Lacet.Core"],
        ["Lacet.Exchange"] = ["Lacet.Core"],
        ["Lacet.Devices"] = ["Lacet.Core"],
        ["Lacet.Web"] = ["Lacet.Core", "Lacet.Devices", "Lacet.Exchange", "Lacet.Store"],
    };

    public static TheoryData<string> Projects => [.. May.Keys];

    [Theory]
    [MemberData(nameof(Projects))]
    public void A_project_references_only_what_it_may(string project)
    {
        var referenced = Assembly.Load(project).GetReferencedAssemblies().Select(a => a.Name!).Where(n => n.StartsWith("Lacet.", StringComparison.Ordinal));
        Assert.Empty(referenced.Except(May[project]));
    }

    /// <summary>What a build, a test or the demo writes there is left out of the repository.</summary>
    [Fact]
    public void Nothing_stray_lies_at_the_root()
    {
        string[] belongs =
        [
            ".ci", ".editorconfig", ".git", ".gitignore", "CONTRIBUTING.md", "Directory.Build.props", "Directory.Packages.props", "LICENSE", "Lacet.slnx", "README.md",
            "bench", "demo", "docs", "global.json", "lacet", "scripts", "src", "tests", "web",
        ];
        string[] written = [".lacet", "data", "TestResults", "BenchmarkDotNet.Artifacts", "bin", "obj"];
        var there = Directory.EnumerateFileSystemEntries(Repository.Root).Select(e => Path.GetFileName(e)).Where(e => !e.StartsWith("data.old-", StringComparison.Ordinal));
        Assert.Empty(there.Except(belongs).Except(written));
    }
}
