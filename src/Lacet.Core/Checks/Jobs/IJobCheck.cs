using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A check of something that only the whole job shows.</summary>
/// <typeparam name="T">What it looks at: its scope.</typeparam>
public interface IJobCheck<in T>
{
    /// <summary>The check's stable id.</summary>
    string Id { get; }

    /// <summary>What a finding of it would do to whom.</summary>
    Harm Harm { get; }

    /// <summary>What a finding of it is about.</summary>
    CheckScope Scope { get; }

    /// <summary>What it finds, or null.</summary>
    Finding? Judge(Job job, T subject);
}
