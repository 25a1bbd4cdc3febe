namespace Lacet.Core.Conductors;

/// <summary>What a part of a wire's text says.</summary>
public enum WirePartKind
{
    /// <summary>The size of each conductor.</summary>
    Size,

    /// <summary>How many conductors there are, with their size where both stand in one: 14/2.</summary>
    Count,

    /// <summary>Solid, stranded or fine-stranded.</summary>
    Build,

    /// <summary>Copper or aluminium.</summary>
    Material,

    /// <summary>The letters of a standard.</summary>
    Designation,

    /// <summary>The insulation's colour.</summary>
    Colour,

    /// <summary>The diameter over the insulation.</summary>
    InsulationDiameter,

    /// <summary>How long it is.</summary>
    Length,

    /// <summary>Whether the cable has an earth.</summary>
    Earth,

    /// <summary>That the cable is shielded.</summary>
    Shield,

    /// <summary>A word that adds nothing: wire, cable, of.</summary>
    Filler,

    /// <summary>What is not understood.</summary>
    NotUnderstood,
}
