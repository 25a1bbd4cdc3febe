namespace Lacet.Exchange.Import;

/// <summary>A wire list as it was read.</summary>
/// <param name="Rows">Its rows.</param>
/// <param name="Questions">What is doubtful.</param>
/// <param name="Notices">What was left out or filled in, each in a sentence.</param>
/// <param name="Gaps">What the list does not say, and what of it is not read.</param>
public sealed record WireList(
    IReadOnlyList<ListRow> Rows,
    IReadOnlyList<ImportQuestion> Questions,
    IReadOnlyList<string> Notices,
    ListGaps Gaps
);
