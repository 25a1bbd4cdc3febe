namespace Lacet.Core.Landings;

/// <summary>Who looks at an apprentice’s work before it is signed for.</summary>
public enum ApprenticeWork
{
    /// <summary>Every end, by another person.</summary>
    CheckedByAnother,

    /// <summary>Samples.</summary>
    Sampled,
}
