namespace Lacet.Core.Conductors;

/// <summary>Whether a cable has an earth, as its designation counts.</summary>
public enum EarthInCable
{
    /// <summary>Nobody said.</summary>
    NotSaid,

    /// <summary>It has none.</summary>
    None,

    /// <summary>One of those that are counted is the earth: 3G1.5.</summary>
    Among,

    /// <summary>One more than those that are counted: 14/2 with ground.</summary>
    Beside,
}
