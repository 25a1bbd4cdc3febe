using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>What a terminal’s mark stands for.</summary>
public static class TerminalIdentities
{
    /// <summary>Whether a hot belongs there.</summary>
    public static bool IsHot(this TerminalIdentity identity) =>
        identity
            is TerminalIdentity.Brass
                or TerminalIdentity.Line1
                or TerminalIdentity.Line2
                or TerminalIdentity.Line3;

    /// <summary>Whether the neutral belongs there.</summary>
    public static bool IsNeutral(this TerminalIdentity identity) =>
        identity is TerminalIdentity.Silver or TerminalIdentity.Neutral;

    /// <summary>Whether the earth belongs there.</summary>
    public static bool IsEarth(this TerminalIdentity identity) =>
        identity is TerminalIdentity.Green or TerminalIdentity.Earth;

    /// <summary>The mark in words, with what it is for: "brass, for the line", "L2, for a line".</summary>
    public static Term Say(this TerminalIdentity identity) =>
        identity switch
        {
            TerminalIdentity.Brass => "brass, for the line",
            TerminalIdentity.Silver => "silver, for the neutral",
            TerminalIdentity.Green => "green, for the earth",
            TerminalIdentity.Line1 => "L1, for a line",
            TerminalIdentity.Line2 => "L2, for a second line",
            TerminalIdentity.Line3 => "L3, for a third line",
            TerminalIdentity.Neutral => "N, for the neutral",
            TerminalIdentity.Earth => "PE, for the earth",
            _ => "not marked",
        };
}
