namespace Lacet.Core.Recipes;

/// <summary>What is done to an end before it lands.</summary>
public enum PreparationKind
{
    /// <summary>Nothing, since it must not land here.</summary>
    None,

    /// <summary>Left straight and bare.</summary>
    Straight,

    /// <summary>Strands twisted tight, left straight.</summary>
    Twisted,

    /// <summary>Bent to a hook.</summary>
    Hook,

    /// <summary>A ferrule crimped on.</summary>
    Ferrule,

    /// <summary>A ring crimped on.</summary>
    Ring,

    /// <summary>A fork crimped on.</summary>
    Fork,

    /// <summary>A lug crimped on.</summary>
    Lug,

    /// <summary>Hooked through an eye, to be soldered.</summary>
    Tinned,

    /// <summary>Cut square, its insulation left on.</summary>
    Uncut,
}
