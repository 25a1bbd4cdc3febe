namespace Lacet.Core.People;

/// <summary>How long somebody waits who typed something wrong again and again.</summary>
public static class Attempts
{
    /// <summary>So many are free: hands in gloves mistype.</summary>
    public const int Free = 5;

    /// <summary>
    /// After so many in a row a PIN is of no use any more, until its owner signs in with the password or a lead gives a
    /// new one. NIST SP 800-63B-4, 3.2.2 (from memory): no more than 100 in a row.
    /// </summary>
    public const int MostOfPin = 50;

    private static readonly TimeSpan First = TimeSpan.FromSeconds(15);
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(15);

    /// <summary>How long the next one waits after so many wrong ones in a row.</summary>
    public static TimeSpan Wait(int wrong)
    {
        if (wrong < Free)
        {
            return TimeSpan.Zero;
        }

        // Doubled each time; beyond some twenty doublings the longest has long been reached.
        var wait = First * Math.Pow(2, Math.Min(wrong - Free, 20));
        return wait < Longest ? wait : Longest;
    }
}
