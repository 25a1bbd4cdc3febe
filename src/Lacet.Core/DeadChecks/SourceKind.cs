namespace Lacet.Core.DeadChecks;

/// <summary>What can make an enclosure live, or hurt in it: each is looked for. Common practice.</summary>
public enum SourceKind
{
    /// <summary>What feeds it in the first place.</summary>
    Feed,

    /// <summary>What comes back by what it feeds, such as a motor that turns on or a transformer fed from behind.</summary>
    BackFeed,

    /// <summary>A second supply.</summary>
    SecondSupply,

    /// <summary>An uninterruptible supply.</summary>
    Ups,

    /// <summary>A generator, which may start by itself.</summary>
    Generator,

    /// <summary>Solar modules, live as long as there is light, and their batteries.</summary>
    Solar,

    /// <summary>Control voltage that comes from elsewhere.</summary>
    ControlFromElsewhere,

    /// <summary>Capacitors and whatever else keeps energy for a time.</summary>
    StoredEnergy,
}
