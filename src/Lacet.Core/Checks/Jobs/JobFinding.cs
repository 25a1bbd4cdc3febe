using System.Globalization;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A finding in a job.</summary>
/// <param name="About">What it is about.</param>
/// <param name="Finding">What was found.</param>
public sealed record JobFinding(Subject About, Finding Finding)
{
    /// <summary>Whether another finding about the same says the same, by the same way.</summary>
    internal bool SaysTheSame(JobFinding other) =>
        (Finding.Check, Finding.Severity, Finding.FollowsFrom)
            == (other.Finding.Check, other.Finding.Severity, other.Finding.FollowsFrom)
        && string.Equals(Said(Finding.Says), Said(other.Finding.Says), StringComparison.Ordinal)
        && string.Equals(Said(Finding.Do), Said(other.Finding.Do), StringComparison.Ordinal)
        && Finding.Way.SequenceEqual(other.Finding.Way);

    private static string Said(FormattableString sentence) => sentence.ToString(CultureInfo.InvariantCulture);
}
