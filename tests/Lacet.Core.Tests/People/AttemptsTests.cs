using CsCheck;
using Lacet.Core.People;

namespace Lacet.Core.Tests.People;

/// <summary>How long whoever guesses waits.</summary>
public sealed class AttemptsTests
{
    [Fact]
    public void A_few_are_free_and_then_each_waits_longer_up_to_a_quarter_of_an_hour()
    {
        Assert.All(Enumerable.Range(0, Attempts.Free), n => Assert.Equal(TimeSpan.Zero, Attempts.Wait(n)));
        Assert.Equal(TimeSpan.FromSeconds(15), Attempts.Wait(Attempts.Free));
        Assert.Equal(TimeSpan.FromSeconds(30), Attempts.Wait(Attempts.Free + 1));
        Assert.Equal(TimeSpan.FromMinutes(15), Attempts.Wait(int.MaxValue));
    }

    [Fact]
    public void More_wrong_ones_never_wait_less() =>
        Gen.Int[0, 1000].Sample(n => Attempts.Wait(n + 1) >= Attempts.Wait(n));

    /// <summary>
    /// NIST SP 800-63B-4, 3.2.2 (from memory): no more than 100 wrong in a row. A PIN of four digits is then found with a
    /// chance below one in a hundred.
    /// </summary>
    [Fact]
    public void A_PIN_is_not_guessed()
    {
        Assert.True(Attempts.MostOfPin <= 100);
        Assert.True(Attempts.MostOfPin / Math.Pow(10, Secrets.FewestDigits) < 0.01);
    }

    [Theory]
    [InlineData(Proof.Pin, 29, true)]
    [InlineData(Proof.Pin, 30, false)]
    [InlineData(Proof.Password, 239, true)]
    [InlineData(Proof.Password, 240, false)]
    public void A_session_ends_where_nobody_is_there(Proof proof, int minutes, bool holds)
    {
        var began = new DateTimeOffset(2026, 11, 30, 7, 0, 0, TimeSpan.Zero);
        Assert.Equal(holds, SessionLimits.Holds(proof, began, began, began.AddMinutes(minutes)));
    }
}
