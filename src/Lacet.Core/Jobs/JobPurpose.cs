namespace Lacet.Core.Jobs;

/// <summary>What a job is for.</summary>
public enum JobPurpose
{
    /// <summary>Wires are to be landed.</summary>
    Work,

    /// <summary>What is already there is looked at.</summary>
    Survey,
}
