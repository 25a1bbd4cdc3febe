namespace Lacet.Core.Jobs;

/// <summary>What a tester says of an existing device.</summary>
public enum SurveyPolarity
{
    /// <summary>Hot, neutral and earth are where they belong.</summary>
    Right,

    /// <summary>Hot and neutral are exchanged.</summary>
    Reversed,

    /// <summary>There is no earth.</summary>
    OpenEarth,

    /// <summary>The earth screw is tied to the neutral.</summary>
    Bootleg,
}
