namespace Lacet.Core.Landings;

/// <summary>How far a pigtail’s splice end is stripped for a twist-on connector.</summary>
public enum PigtailStrip
{
    /// <summary>1 1/2 in.</summary>
    OneAndAHalfInches,

    /// <summary>3 in, for those who are learning.</summary>
    ThreeInchesForLearners,
}
