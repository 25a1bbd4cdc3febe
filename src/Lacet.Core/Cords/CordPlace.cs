namespace Lacet.Core.Cords;

/// <summary>Where on a cord to look, from one end to the other.</summary>
public enum CordPlace
{
    /// <summary>The plug's blades and pin.</summary>
    Blades,

    /// <summary>Where the cord leaves the plug.</summary>
    AtThePlug,

    /// <summary>Inside a plug that can be opened.</summary>
    InsideThePlug,

    /// <summary>Along the cord.</summary>
    Along,

    /// <summary>What is printed on the jacket.</summary>
    Print,

    /// <summary>Where it enters the machine.</summary>
    Entry,
}
