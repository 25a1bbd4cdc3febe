namespace Lacet.Core.Tests.Quantities;

/// <summary>
/// Pulls, in newtons and pounds (1 lbf is 4.4482216 N, by definition of the pound and of standard gravity).
/// </summary>
public sealed class ForceTests
{
    [Theory]
    [InlineData(1, 4.4482216)]
    [InlineData(50, 222.41108)]
    [InlineData(450, 2001.69972)]
    public void A_pound_is_so_many_newtons(double pounds, double newtons) =>
        Assert.Equal(newtons, Force.FromPounds(pounds).Newtons, 1e-4);

    [Theory]
    [InlineData(10, "10 N (2 lbf)")]
    [InlineData(40, "40 N (8.5 lbf)")]
    [InlineData(60, "60 N (13 lbf)")]
    [InlineData(222.411, "222 N (49.5 lbf)")]
    public void It_is_said_in_both_and_neither_asks_for_more(double newtons, string says) =>
        Assert.Equal(says, new Force(newtons).ToString());

    [Fact]
    [Trait("Advice", "3.6")]
    public void What_is_said_is_never_more_than_what_is_meant() =>
        Gen.Double[1, 2000]
            .Sample(newtons =>
            {
                var read = new Force(newtons).Read();
                double Number(string text) =>
                    double.Parse(text.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
                Assert.True(Number(read.Metric) <= newtons + 1e-6);
                Assert.True(Force.FromPounds(Number(read.Imperial)).Newtons <= newtons + 1e-6);
            });

    [Fact]
    public void The_imperial_lead_says_pounds_first() =>
        Assert.Equal("13 lbf (60 N)", new Force(60).ToString(null, ReaderFormat.Imperial));
}
