namespace Lacet.Core.Boards;

/// <summary>What devices stand on.</summary>
public enum RailKind
{
    /// <summary>A mounting rail.</summary>
    Rail,

    /// <summary>The back of the enclosure: bars.</summary>
    Back,

    /// <summary>A door, a plate or the front of a box.</summary>
    Front,

    /// <summary>Loose in the box: joints.</summary>
    Loose,
}
