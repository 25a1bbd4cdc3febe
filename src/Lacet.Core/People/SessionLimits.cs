namespace Lacet.Core.People;

/// <summary>
/// How long somebody stays signed in. A shift on one’s own screen is not interrupted; a shared tablet that nobody touches
/// forgets who held it.
/// </summary>
public static class SessionLimits
{
    /// <summary>Ends so long after it began, whatever happens.</summary>
    public static readonly TimeSpan Whole = TimeSpan.FromHours(14);

    /// <summary>Ends when nobody did anything for so long.</summary>
    public static TimeSpan Idle(Proof proof) => proof == Proof.Pin ? TimeSpan.FromMinutes(30) : TimeSpan.FromHours(4);

    /// <summary>Whether it still holds.</summary>
    public static bool Holds(Proof proof, DateTimeOffset began, DateTimeOffset seen, DateTimeOffset now) =>
        now < began + Whole && now < seen + Idle(proof);
}
