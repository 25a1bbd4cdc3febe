using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A finding in a job.</summary>
/// <param name="About">What it is about.</param>
/// <param name="Finding">What was found.</param>
public sealed record JobFinding(Subject About, Finding Finding);
