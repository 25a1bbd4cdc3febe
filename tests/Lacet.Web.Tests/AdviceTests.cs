using System.Text.RegularExpressions;

namespace Lacet.Web.Tests;

/// <summary>
/// What the trade asks of advice, docs/advice.md: every line is held by a test that carries its number.
/// </summary>
public sealed partial class AdviceTests
{
    [Fact]
    public void Every_line_has_a_test_that_names_it_and_no_test_names_another()
    {
        var lines = Line()
            .Matches(File.ReadAllText(Repository.Of("docs", "advice.md")))
            .Select(m => m.Groups["line"].Value)
            .ToList();
        Assert.True(lines.Count > 50);
        Assert.Equal(lines.Distinct(), lines);
        var named = Directory
            .EnumerateFiles(Repository.Of("tests"), "*Tests*.cs", SearchOption.AllDirectories)
            .SelectMany(f => Named().Matches(File.ReadAllText(f)))
            .Select(m => m.Groups["line"].Value)
            .ToHashSet(StringComparer.Ordinal);
        Assert.Empty(lines.Except(named));
        Assert.Empty(named.Except(lines));
    }

    [GeneratedRegex(
        @"^- (?<line>\d\.\d+) ",
        RegexOptions.Multiline | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Line();

    [GeneratedRegex(
        """\[Trait\("Advice", "(?<line>[\d.]+)"\)\]""",
        RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Named();
}
