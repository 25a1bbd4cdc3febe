using Lacet.Core.People;

namespace Lacet.Core.Tests.People;

/// <summary>What a password and a PIN must be: NIST SP 800-63B-4, 3.1.1.2 (from memory): length, and no rules of composition.</summary>
public sealed class SecretsTests
{
    [Theory]
    [InlineData("three odd words", null)]
    [InlineData("żółć gęślą jaźń", null)]
    [InlineData("correct horse battery", null)]
    [InlineData("short one", "10 to 128")]
    [InlineData("aaaaaaaaaaaa", "anybody tries it first")]
    [InlineData("abcdefghijkl", "anybody tries it first")]
    [InlineData("123123123123", "anybody tries it first")]
    [InlineData("my ADA secret", "your own name")]
    public void A_password_is_long_and_not_the_first_that_is_tried(string password, string? says)
    {
        var problem = Secrets.PasswordProblem(password, "Ada");
        if (says is null)
        {
            Assert.Null(problem);
        }
        else
        {
            Assert.Contains(says, problem, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_password_may_be_long_but_not_without_end()
    {
        Assert.Null(Secrets.PasswordProblem(string.Concat(Enumerable.Repeat("ab1 ", 32)), "Ada"));
        Assert.NotNull(Secrets.PasswordProblem(string.Concat(Enumerable.Repeat("ab1 ", 33)), "Ada"));
    }

    [Theory]
    [InlineData("2580", true)]
    [InlineData("13579024", true)]
    [InlineData("258", false)]
    [InlineData("135790246", false)]
    [InlineData("1111", false)]
    [InlineData("1234", false)]
    [InlineData("8765", false)]
    [InlineData("25a0", false)]
    [InlineData("٢٥٨٠", false)]
    public void A_PIN_is_4_to_8_digits_that_nobody_tries_first(string pin, bool good) =>
        Assert.Equal(good, Secrets.PinProblem(pin) is null);
}
