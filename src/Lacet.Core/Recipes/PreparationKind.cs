namespace Lacet.Core.Recipes;

/// <summary>What is done to an end before it lands.</summary>
public enum PreparationKind
{
    /// <summary>Nothing, since it must not land here.</summary>
    None,

    /// <summary>Left straight and bare.</summary>
    Straight,

    /// <summary>Bent to a hook.</summary>
    Hook,

    /// <summary>A ferrule crimped on.</summary>
    Ferrule,
}
