using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A check of one planned end.</summary>
public interface IEndCheck
{
    /// <summary>The check's stable id.</summary>
    string Id { get; }

    /// <summary>What a finding of it would do to whom.</summary>
    Harm Harm { get; }

    /// <summary>Whether it reads the wire; what does not is found although nobody knows the wire.</summary>
    bool NeedsWire => true;

    /// <summary>Checks whose finding about the same landing is the root of this one's.</summary>
    IReadOnlyList<string> FollowsFrom => [];

    /// <summary>What a finding of it is about, so that a job counts it once.</summary>
    CheckScope Scope => CheckScope.End;

    /// <summary>What it finds, or null.</summary>
    Finding? Judge(EndPlan plan);
}
