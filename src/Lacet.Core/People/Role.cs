namespace Lacet.Core.People;

/// <summary>What somebody does here.</summary>
public enum Role
{
    /// <summary>Leads the work: makes and changes jobs, and says who may do what.</summary>
    Lead,

    /// <summary>Does the work, and checks that of others.</summary>
    Electrician,

    /// <summary>Does the work under somebody’s supervision; another checks it.</summary>
    Apprentice,

    /// <summary>Checks and signs for what others did, and does none of it.</summary>
    Inspector,
}
