using System.Text.RegularExpressions;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Exchange.Tests;

/// <summary>
/// Every sentence of every recipe of the matrix, as a person reads it in either unit (practitioner review, 3).
/// </summary>
public sealed partial class MatrixTests
{
    private static readonly Lazy<IReadOnlyList<(string Landing, Core.Conductors.Conductor Wire, Recipe Recipe)>> All =
        new(() => [.. Matrix.Recipes()]);

    public static TheoryData<ReaderFormat> Leads => [ReaderFormat.Metric, ReaderFormat.Imperial];

    [Theory]
    [Trait("Advice", "3.11")]
    [MemberData(nameof(Leads))]
    public void Every_sentence_can_be_read(ReaderFormat reader)
    {
        var bad = new SortedDictionary<string, string>(StringComparer.Ordinal);
        foreach (var (landing, wire, recipe) in All.Value)
        {
            foreach (var text in Matrix.Sentences(recipe).Select(s => s.ToString(reader)))
            {
                if (Wrong(text) is { } wrong)
                {
                    bad.TryAdd($"{wrong}: {text}", $"{wire} in {landing}");
                }
            }
        }

        Assert.True(
            bad.Count == 0,
            string.Join('\n', bad.Select(b => $"{b.Key} ({b.Value})").Take(40)) + $"\n{bad.Count} in all"
        );
    }

    [Theory]
    [Trait("Advice", "3.11")]
    [MemberData(nameof(Leads))]
    public void No_fact_is_said_twice(ReaderFormat reader)
    {
        var bad = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var (landing, wire, recipe) in All.Value)
        {
            foreach (
                var texts in new[]
                {
                    recipe.Steps.Select(s => s.Text),
                    recipe.Cautions,
                    recipe.Findings.Select(f => f.Says),
                    recipe.Findings.Select(f => f.Do),
                    recipe.Alternatives.Select(a => a.Text),
                }
            )
            {
                bad.UnionWith(
                    texts
                        .Select(t => t.ToString(reader))
                        .GroupBy(t => t, StringComparer.Ordinal)
                        .Where(g => g.Count() > 1)
                        .Select(g => $"{g.Key} ({wire} in {landing})")
                );
            }

            bad.UnionWith(
                recipe
                    .Findings.GroupBy(f => f.Check, StringComparer.Ordinal)
                    .Where(g => g.Count() > 1)
                    .Select(g => $"{g.Key} twice ({wire} in {landing})")
            );
        }

        Assert.True(bad.Count == 0, string.Join('\n', bad.Take(40)) + $"\n{bad.Count} in all");
    }

    /// <summary>A target that is said as the window's end tells nobody which way there is room.</summary>
    [Fact]
    [Trait("Advice", "3.1")]
    public void No_target_is_said_as_a_limit_that_it_is_not()
    {
        var bad = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var (landing, wire, recipe) in All.Value)
        {
            if (recipe.Strip is { } strip)
            {
                var (target, least, most) = (
                    strip.Read(WindowPart.Target),
                    strip.Read(WindowPart.Least),
                    strip.Read(WindowPart.Most)
                );
                if (
                    (
                        strip.Target.Millimetres > strip.Least.Millimetres
                        && (target.Metric == least.Metric || target.Imperial == least.Imperial)
                    )
                    || (
                        strip.Target.Millimetres < strip.Most.Millimetres
                        && (target.Metric == most.Metric || target.Imperial == most.Imperial)
                    )
                )
                {
                    bad.Add(
                        $"{least.Metric}, {target.Metric}, {most.Metric}; {least.Imperial}, {target.Imperial}, {most.Imperial} ({wire} in {landing})"
                    );
                }
            }
        }

        Assert.True(bad.Count == 0, string.Join('\n', bad.Take(40)) + $"\n{bad.Count} in all");
    }

    /// <summary>
    /// A caution that stands everywhere is read nowhere: it stands only where the wire or the work must be looked at.
    /// </summary>
    [Fact]
    public void Three_levels_of_verdict_each_say_what_they_mean()
    {
        foreach (var (_, _, recipe) in All.Value)
        {
            switch (recipe.Verdict)
            {
                case Verdict.Go:
                    Assert.Empty(recipe.ReadOff);
                    Assert.DoesNotContain(recipe.Findings, f => f.Severity < Severity.Note);
                    break;
                case Verdict.Read:
                    Assert.NotEmpty(recipe.ReadOff);
                    Assert.DoesNotContain(recipe.Findings, f => f.Severity < Severity.Note);
                    break;
                case Verdict.Stop:
                    Assert.Contains(recipe.Findings, f => f.Severity == Severity.Stop);
                    Assert.Null(recipe.Strip);
                    Assert.Empty(recipe.Steps);
                    break;
                default:
                    Assert.NotEmpty(recipe.Findings);
                    break;
            }
        }

        Assert.InRange(All.Value.Count(r => r.Recipe.Verdict == Verdict.Caution), 1, All.Value.Count / 5);
    }

    private static string? Wrong(string text) =>
        text switch
        {
            { Length: > 160 } => $"{text.Length} characters",
            _ when AInsulation().IsMatch(text) => "article",
            _ when Zero().IsMatch(text) => "length of 0",
            _ when SmallFraction().IsMatch(text) => "fraction under 1/16",
            _ when text.Contains("  ", StringComparison.Ordinal)
                    || text.Contains(" .", StringComparison.Ordinal)
                    || text.Contains("..", StringComparison.Ordinal) => "spaces and stops",
            _ => null,
        };

    [GeneratedRegex(
        @"(?<!\d )\b[Aa] (?:[aeiou]nsulat|[aeio]\w)|\b[Aa]n [bcdfgjkpqtvwz]",
        RegexOptions.None,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex AInsulation();

    [GeneratedRegex(@"(?<![\d.,/])0 (?:mm|in)\b", RegexOptions.None, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Zero();

    [GeneratedRegex(@"\b\d+/(?:32|64)\b", RegexOptions.None, matchTimeoutMilliseconds: 1000)]
    private static partial Regex SmallFraction();
}
