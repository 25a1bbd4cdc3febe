namespace Lacet.Core.Jobs;

/// <summary>How an existing device looks.</summary>
public enum SurveyCondition
{
    /// <summary>Nothing is seen.</summary>
    Good,

    /// <summary>A conductor moves when tugged.</summary>
    Loose,

    /// <summary>Browned, melted or brittle.</summary>
    Scorched,
}
