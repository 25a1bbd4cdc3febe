namespace Lacet.Core.People;

/// <summary>How somebody showed who they are.</summary>
public enum Proof
{
    /// <summary>By a few digits, on a tablet that a lead paired.</summary>
    Pin,

    /// <summary>By a password.</summary>
    Password,
}
