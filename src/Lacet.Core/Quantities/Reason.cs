namespace Lacet.Core.Quantities;

/// <summary>
/// Why an answer is what it is. The text holds values, not characters: it is rendered when somebody reads it, in the
/// reader's units.
/// </summary>
/// <param name="Rule">A stable name of the rule, such as "hook-length".</param>
/// <param name="Reading">Which reading it explains.</param>
/// <param name="Trust">How far the answer can be trusted.</param>
/// <param name="Source">The document and table, or "common practice".</param>
/// <param name="Text">One or two sentences.</param>
public sealed record Reason(string Rule, ReadingName Reading, Trust Trust, string Source, FormattableString Text);
