namespace Lacet.Exchange.Documents;

/// <summary>The ways in which tightening is recorded.</summary>
public enum TighteningMethod
{
    /// <summary>A digital reading.</summary>
    Reading,

    /// <summary>A preset tool that clicked.</summary>
    Preset,

    /// <summary>Nothing measured it.</summary>
    ByFeel,

    /// <summary>Nothing is tightened here: a spring, a lever, a pivot or solder holds it.</summary>
    Seated,
}
