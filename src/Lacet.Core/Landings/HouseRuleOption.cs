using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>One school.</summary>
/// <param name="Value">Its value in the JSON of house rules.</param>
/// <param name="Says">What it says.</param>
public sealed record HouseRuleOption(string Value, Term Says);
