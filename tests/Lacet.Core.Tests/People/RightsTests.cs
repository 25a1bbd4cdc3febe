using Lacet.Core.People;
using Lacet.Tests;

namespace Lacet.Core.Tests.People;

/// <summary>Who may do what, as the page of security prints it.</summary>
public sealed class RightsTests
{
    /// <summary>The matrix of docs/security.md is the one that rules.</summary>
    [Fact]
    public void The_matrix_is_the_page_s()
    {
        var rows = File.ReadLines(Repository.Of("docs", "security.md"))
            .Where(l => l.StartsWith("| `", StringComparison.Ordinal))
            .Select(l => l.Split('|', StringSplitOptions.TrimEntries))
            .ToDictionary(c => Enum.Parse<Right>(c[1].Split('`')[1], ignoreCase: true));
        Assert.Equal(Enum.GetValues<Right>().Order(), rows.Keys.Order());
        foreach (var (right, cells) in rows)
        {
            foreach (var role in Enum.GetValues<Role>())
            {
                Assert.True(Rights.Has(role, right) == (cells[2 + (int)role] != "no"), $"{role} {right}");
            }

            Assert.True(Rights.NeedsPassword(right) == (cells[6] == "yes"), $"password for {right}");
        }
    }

    [Fact]
    public void A_refusal_says_who_may()
    {
        Assert.Equal("Only a lead may change jobs.", Rights.Refusal(Right.ChangeJobs));
        Assert.Equal("Only a lead or an inspector may sign for work.", Rights.Refusal(Right.SignOff));
        Assert.Equal("Only a lead, an electrician or an apprentice may record work.", Rights.Refusal(Right.Record));
    }

    [Fact]
    public void A_PIN_is_enough_for_work_and_not_for_a_signature()
    {
        var lead = new Actor(Guid.NewGuid(), Role.Lead, Proof.Pin);
        lead.Need(Right.Record);
        Assert.True(Assert.Throws<NotAllowedException>(() => lead.Need(Right.SignOff)).NeedsPassword);
        (lead with { Proof = Proof.Password }).Need(Right.SignOff);
        var ended = lead with { Proof = Proof.Password, IsQualified = false };
        Assert.False(Assert.Throws<NotAllowedException>(() => ended.Need(Right.SignOff)).NeedsPassword);
        Assert.False(ended.May(Right.SignOff));
        Assert.True(lead.May(Right.SignOff));
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData("2026-11-30", true)]
    [InlineData("2026-11-29", false)]
    public void A_qualification_holds_to_its_last_day(string? until, bool holds) =>
        Assert.Equal(
            holds,
            new Qualification(
                "",
                until is null ? null : DateOnly.Parse(until, System.Globalization.CultureInfo.InvariantCulture)
            ).Holds(new(2026, 11, 30))
        );
}
