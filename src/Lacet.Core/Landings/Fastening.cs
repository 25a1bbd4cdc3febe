namespace Lacet.Core.Landings;

/// <summary>What holds an end in its landing: what the hand does last.</summary>
public enum Fastening
{
    /// <summary>A screw, tightened to a torque.</summary>
    Screw,

    /// <summary>A nut on a stud, tightened to a torque.</summary>
    Nut,

    /// <summary>A bolt through a lug, tightened to a torque.</summary>
    Bolt,

    /// <summary>A spring that closes by itself or when the tool comes out.</summary>
    Spring,

    /// <summary>A lever that is pressed down.</summary>
    Lever,

    /// <summary>Contacts that a pivot drives through the insulation.</summary>
    Pivot,

    /// <summary>Solder.</summary>
    Solder,
}
