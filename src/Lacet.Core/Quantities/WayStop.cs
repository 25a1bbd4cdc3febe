namespace Lacet.Core.Quantities;

/// <summary>One stop on the way that a finding is about: a landing, or a wire between two.</summary>
/// <param name="Says">As people write it: "DCP/X1:4", "wire 15".</param>
/// <param name="LandingId">The landing; null for a wire.</param>
/// <param name="WireId">The wire; null for a landing.</param>
public sealed record WayStop(string Says, Guid? LandingId, Guid? WireId);
