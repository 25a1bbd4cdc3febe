namespace Lacet.Workshop.People;

/// <summary>What became of somebody who wants to sign in.</summary>
public abstract record SignInOutcome
{
    private SignInOutcome() { }

    /// <summary>They are signed in.</summary>
    /// <param name="Key">What shows it from now on.</param>
    public sealed record Welcome(string Key) : SignInOutcome;

    /// <summary>What was typed does not belong together; which of it, nobody is told.</summary>
    /// <param name="Says">One sentence.</param>
    public sealed record Wrong(string Says) : SignInOutcome;

    /// <summary>Too much that was wrong came before it: this was not even looked at.</summary>
    /// <param name="Says">One sentence.</param>
    /// <param name="Wait">How long the next attempt waits.</param>
    public sealed record TooMany(string Says, TimeSpan Wait) : SignInOutcome;
}
