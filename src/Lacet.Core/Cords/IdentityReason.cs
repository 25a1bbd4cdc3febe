using Lacet.Core.Quantities;

namespace Lacet.Core.Cords;

/// <summary>What one cue says.</summary>
/// <param name="Role">What the conductor would be for.</param>
/// <param name="IsStrong">Whether it can be relied on; a weak one never decides alone.</param>
/// <param name="Says">Why.</param>
/// <param name="Source">The document and section, or "common practice".</param>
public sealed record IdentityReason(CordRole Role, bool IsStrong, Term Says, string Source);
