namespace Lacet.Exchange.Import;

/// <summary>A reading that is doubtful: somebody who knows the list decides.</summary>
/// <param name="Id">Its stable id, which an answer names.</param>
/// <param name="Says">The question, in a sentence.</param>
/// <param name="Options">What may be answered, and how each is said.</param>
/// <param name="Answer">What holds now.</param>
/// <param name="Rows">How many rows it is about.</param>
public sealed record ImportQuestion(
    string Id,
    string Says,
    IReadOnlyList<ImportOption> Options,
    string Answer,
    int Rows
);

/// <summary>An answer.</summary>
/// <param name="Value">Its stable value.</param>
/// <param name="Says">How it is said.</param>
public sealed record ImportOption(string Value, string Says);
