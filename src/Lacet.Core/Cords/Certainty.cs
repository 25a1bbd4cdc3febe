namespace Lacet.Core.Cords;

/// <summary>How sure it is what a conductor is for.</summary>
public enum Certainty
{
    /// <summary>Two cues that can be relied on agree, or one and the others leave nothing else.</summary>
    Sure,

    /// <summary>One cue that can be relied on, and nothing against it.</summary>
    Likely,

    /// <summary>Cues disagree, or one weak cue stands alone, or there is none: the meter decides.</summary>
    MeterIt,
}
